<?php

declare(strict_types=1);

namespace App\Sheet;

/** What makes a line of the sheet the same line: its task and role. */
final class LineKey
{
    /** Its cell on a day. */
    public static function cell(int $task, ?int $role, string $date): string
    {
        return self::of($task, $role).' '.$date;
    }

    public static function of(int $task, ?int $role): string
    {
        return $task.':'.($role ?? '');
    }
}
