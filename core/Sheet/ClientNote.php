<?php

declare(strict_types=1);

namespace Moss\Core\Sheet;

/**
 * A client note, pencilled from what is known: `Lens refit, survey: checked the bolts`.
 */
final readonly class ClientNote
{
    /** The longest note that an entry holds, in characters. */
    public const MAX_LENGTH = 2000;

    public static function proposed(string $projectName, string $taskName, string $teamNote): string
    {
        $work = mb_strtolower($projectName) === mb_strtolower($taskName) ? $taskName : $projectName.', '.$taskName;
        $note = trim($teamNote);

        return mb_substr($note === '' ? $work : $work.': '.$note, 0, self::MAX_LENGTH);
    }
}
