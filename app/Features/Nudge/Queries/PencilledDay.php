<?php

declare(strict_types=1);

namespace App\Features\Nudge\Queries;

use App\Features\Nudge\Props\NudgeLineProps;
use App\Models\Person;
use App\Support\Words;
use Moss\Core\Time\Minutes;

/** A day as it stands: owed, entered and pencilled, in minutes. */
final readonly class PencilledDay
{
    /** @param  list<NudgeLineProps>  $proposals */
    public function __construct(public int $owed, public int $entered, public int $pencilled, public array $proposals)
    {
    }

    public static function nothing(): self
    {
        return new self(0, 0, 0, []);
    }

    /** Whether less is entered than is owed. */
    public function isShort(): bool
    {
        return $this->entered < $this->owed;
    }

    /** @return list<string> what is pencilled, in words */
    public function lines(Person $reader): array
    {
        return array_map(static fn (NudgeLineProps $line): string => Words::of('messages.mail.line', [
            'hours' => Words::hours(Minutes::of($line->minutes), $reader), 'task' => $line->task, 'project' => $line->project,
        ]), $this->proposals);
    }
}
