<?php

declare(strict_types=1);

namespace Moss\Core\HouseRules;

use Closure;

/**
 * What rules on single entries have in common.
 */
final readonly class EntryRules
{
    /**
     * @param  Closure(CheckedEntry): bool  $which
     * @param  (Closure(CheckedEntry): array<string, \Moss\Core\Time\Minutes|\Moss\Core\Calendar\Day|int|string>)|null  $values
     * @return list<RuleResult>
     */
    public static function found(CheckedSheet $sheet, Closure $which, ?Closure $values = null): array
    {
        $found = [];
        foreach ($sheet->inQuestion() as $entry) {
            if ($which($entry)) {
                $found[] = new RuleResult($entry->place(), $values === null ? [] : $values($entry));
            }
        }

        return $found;
    }

    /** @return int characters of the shorter of its notes that are written; as many as there can be where none is */
    public static function shortestNote(CheckedEntry $entry): int
    {
        $lengths = array_filter([mb_strlen(trim($entry->note)), mb_strlen(trim($entry->clientNote))]);

        return $lengths === [] ? PHP_INT_MAX : min($lengths);
    }

    /** @return list<non-empty-list<CheckedEntry>> each line's, in the order of days */
    public static function byLine(CheckedSheet $sheet): array
    {
        $lines = [];
        foreach ($sheet->entries as $entry) {
            $lines[$entry->line->key()][] = $entry;
        }
        foreach ($lines as &$entries) {
            usort($entries, static fn (CheckedEntry $one, CheckedEntry $other): int => $other->day->daysUntil($one->day));
        }

        return array_values($lines);
    }

    /** @param  list<CheckedEntry>  $entries */
    public static function anyInQuestion(array $entries): bool
    {
        return array_filter($entries, static fn (CheckedEntry $entry): bool => $entry->isInQuestion) !== [];
    }
}
