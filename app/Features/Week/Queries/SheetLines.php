<?php

declare(strict_types=1);

namespace App\Features\Week\Queries;

use App\Features\Week\Props\LineProps;
use App\Models\Person;
use App\Models\SheetChoiceKind;
use App\Support\Language\Wording;
use Moss\Core\Review\RouteKind;
use Moss\Core\Sheet\Line;

/**
 * The lines of a sheet: assigned in the week, recorded on, added, or known from past weeks; less those removed.
 *
 * A line with time never goes, whatever becomes of its task. No query.
 */
final readonly class SheetLines
{
    /**
     * @param  list<Line>  $past  that past weeks speak of
     * @param  RouteKind  $route  the organisation's
     * @return list<LineProps>
     */
    public static function of(Person $owner, SheetRecords $records, array $past, RouteKind $route, WeekFields $fields): array
    {
        $byCell = [];
        foreach ($records->entries as $entry) {
            $byCell[$entry->line->key()][$entry->date->toString()][] = $entry;
        }
        $pencilled = self::pencilled($records, $past);
        $firm = self::firm($records);
        $lines = [];
        foreach ($firm + $pencilled as $key => $line) {
            $lines[] = self::line($owner, $key, $line, $records, ! isset($firm[$key]), $byCell[$key] ?? [], $route, $fields);
        }
        $rank = self::ranks($owner);
        usort($lines, static fn (LineProps $one, LineProps $other): int => $rank($one, $records) <=> $rank($other, $records));

        return $lines;
    }

    /** @return array<string, LineRow> what each line is known by */
    private static function firm(SheetRecords $records): array
    {
        $lines = [];
        $choices = [];
        foreach ($records->choices as $choice) {
            $choices[$choice->line->key()] ??= $choice->date === null ? $choice->choice : null;
            if ($choice->choice === SheetChoiceKind::Added) {
                $lines[$choice->line->key()] = $choice->line;
            }
        }
        foreach ($records->assignments as $assignment) {
            if (self::isOffered($assignment, $records)) {
                $lines[$assignment->line->key()] ??= $assignment->line;
            }
        }
        $lines = array_filter($lines, static fn (string $key): bool => ($choices[$key] ?? null) !== SheetChoiceKind::Removed, ARRAY_FILTER_USE_KEY);
        foreach ($records->entries as $entry) {
            $lines[$entry->line->key()] ??= $entry->line;
        }

        return $lines;
    }

    /**
     * @param  list<Line>  $past
     * @return array<string, LineRow>
     */
    private static function pencilled(SheetRecords $records, array $past): array
    {
        $removed = [];
        foreach ($records->choices as $choice) {
            $removed[$choice->line->key()] = ($removed[$choice->line->key()] ?? false) || $choice->choice === SheetChoiceKind::Removed;
        }
        $lines = [];
        foreach ($records->stretches as $stretch) {
            $lines[$stretch->line->key()] = $stretch->line;
        }
        foreach (TrackedTime::lines($records) as $line) {
            $lines[$line->key()] = $line;
        }
        $wanted = array_flip(array_map(static fn (Line $line): string => $line->key(), $past));
        foreach ($records->history as $past) {
            if (isset($wanted[$records->lineOf($past->line)->key()]) && ! ($removed[$past->line->key()] ?? false)) {
                $lines[$past->line->key()] = $past->line;
            }
        }

        return $lines;
    }

    /** Active in the week, on an open project, unfinished when the week began and not marked as done by the person. */
    private static function isOffered(AssignedLine $assignment, SheetRecords $records): bool
    {
        $task = $records->tasks[$assignment->line->taskId];
        $monday = $records->week->monday();

        return ! $assignment->startsOn->isAfter($records->week->sunday()) && ! $assignment->endsOn->isBefore($monday)
            && $task->isOpen() && ! $task->doneOn?->isBefore($monday)
            && ! $assignment->saidDone;
    }

    /** @param  array<string, list<InkedEntry>>  $entries  by day */
    private static function line(Person $owner, string $key, LineRow $line, SheetRecords $records, bool $isPencilled, array $entries, RouteKind $route, WeekFields $fields): LineProps
    {
        $task = $records->tasks[$line->taskId];
        $cells = [];
        foreach ($records->week->days() as $day) {
            $cells[] = CellView::of($owner, $day->toString(), $task, $entries[$day->toString()] ?? [], $route);
        }

        return new LineProps(
            $key,
            $task->id,
            $line->roleId,
            $task->name,
            $task->code,
            $task->project,
            $task->projectName,
            $task->phase,
            $line->roleName,
            $isPencilled,
            ! $task->isOpen() ? Wording::refusal('line_closed') : null,
            $fields->chargeCodeOf($key, $task, $entries),
            $task->composesChargeCodes,
            $fields->askedOn($task),
            $cells,
        );
    }

    /**
     * As the owner keeps them; what they have not arranged comes after, by project, task and role, internal ones last.
     *
     * @return callable(LineProps, SheetRecords): list<int|string>
     */
    private static function ranks(Person $owner): callable
    {
        $projects = array_flip($owner->arrangement->projects);
        $lines = array_flip($owner->arrangement->lines);

        return static fn (LineProps $line, SheetRecords $records): array => [
            $projects[$line->projectCode] ?? PHP_INT_MAX,
            (int) $records->tasks[$line->task]->internal,
            $line->projectCode,
            $lines[$line->key] ?? PHP_INT_MAX,
            // Codes and names are compared as texts, also where they are digits.
            'x'.$line->taskCode,
            $line->roleName ?? '',
        ];
    }
}
