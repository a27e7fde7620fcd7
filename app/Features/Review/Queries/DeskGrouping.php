<?php

declare(strict_types=1);

namespace App\Features\Review\Queries;

/** By what the time that waits is shown. */
enum DeskGrouping: string
{
    case Person = 'person';
    case Project = 'project';
    case Week = 'week';

    /** SQLite: the Monday of an entry's week. */
    private const MONDAY = "date(entries.date, 'weekday 0', '-6 days')";

    /** The key of a group, in SQL on the query of the desk. */
    public function key(): string
    {
        return match ($this) {
            self::Person => 'people.code',
            self::Project => 'projects.code',
            self::Week => self::MONDAY,
        };
    }

    /** What a group is called, in SQL; of a week, its Monday. */
    public function name(): string
    {
        return match ($this) {
            self::Person => 'people.name',
            self::Project => 'projects.name',
            self::Week => self::MONDAY,
        };
    }

    public static function monday(): string
    {
        return self::MONDAY;
    }
}
