<?php

declare(strict_types=1);

namespace App\Features\Week\Queries;

use App\Features\Week\Props\LineProps;
use App\Models\Person;
use App\Models\SheetChoiceKind;
use App\Sheet\LineKey;
use App\Support\Database\Record;
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
    public static function of(Person $owner, SheetRecords $records, array $past, RouteKind $route): array
    {
        $byCell = [];
        foreach ($records->entries as $entry) {
            $byCell[self::key($entry)][$entry->string('date')][] = $entry;
        }
        $pencilled = self::pencilled($records, $past);
        $firm = self::firm($records);
        $lines = [];
        foreach ($firm + $pencilled as $key => $record) {
            $lines[] = self::line($owner, $key, $record, $records, ! isset($firm[$key]), $byCell[$key] ?? [], $route);
        }
        $rank = self::ranks($owner);
        usort($lines, static fn (LineProps $one, LineProps $other): int => $rank($one, $records) <=> $rank($other, $records));

        return $lines;
    }

    /** @return array<string, Record> what each line is known by */
    private static function firm(SheetRecords $records): array
    {
        $lines = [];
        $choices = [];
        foreach ($records->choices as $choice) {
            $choices[self::key($choice)] ??= $choice->stringOrNull('date') === null ? $choice->string('choice') : null;
            if ($choice->string('choice') === SheetChoiceKind::Added->value) {
                $lines[self::key($choice)] = $choice;
            }
        }
        foreach ($records->assignments as $assignment) {
            if (self::isOffered($assignment, $records)) {
                $lines[self::key($assignment)] ??= $assignment;
            }
        }
        $lines = array_filter($lines, static fn (string $key): bool => ($choices[$key] ?? null) !== SheetChoiceKind::Removed->value, ARRAY_FILTER_USE_KEY);
        foreach ($records->entries as $entry) {
            $lines[self::key($entry)] ??= $entry;
        }

        return $lines;
    }

    /**
     * @param  list<Line>  $past
     * @return array<string, Record>
     */
    private static function pencilled(SheetRecords $records, array $past): array
    {
        $removed = [];
        foreach ($records->choices as $choice) {
            $removed[self::key($choice)] = ($removed[self::key($choice)] ?? false) || $choice->string('choice') === SheetChoiceKind::Removed->value;
        }
        $wanted = array_flip(array_map(static fn (Line $line): string => $line->key(), $past));
        $lines = [];
        foreach ($records->history as $record) {
            if (isset($wanted[$records->lineOf($record)->key()]) && ! ($removed[self::key($record)] ?? false)) {
                $lines[self::key($record)] = $record;
            }
        }

        return $lines;
    }

    /** Active in the week, on an open project, unfinished when the week began and not marked as done by the person. */
    private static function isOffered(Record $assignment, SheetRecords $records): bool
    {
        $task = $records->tasks[$assignment->int('task_id')];
        $doneOn = $task->stringOrNull('done_on');
        $monday = $records->week->monday()->toString();

        return $assignment->string('starts_on') <= $records->week->sunday()->toString() && $assignment->string('ends_on') >= $monday
            && $task->string('project_state') === 'open' && ($doneOn === null || $doneOn >= $monday)
            && ! $assignment->bool('said_done');
    }

    private static function key(Record $record): string
    {
        return LineKey::of($record->int('task_id'), $record->intOrNull('role_id'));
    }

    /** @param  array<string, list<Record>>  $entries  by day */
    private static function line(Person $owner, string $key, Record $record, SheetRecords $records, bool $isPencilled, array $entries, RouteKind $route): LineProps
    {
        $task = $records->tasks[$record->int('task_id')];
        $cells = [];
        foreach ($records->week->days() as $day) {
            $cells[] = CellView::of($owner, $day->toString(), $task, $entries[$day->toString()] ?? [], $route);
        }

        return new LineProps(
            $key,
            $task->int('id'),
            $record->intOrNull('role_id'),
            $task->string('name'),
            $task->string('code'),
            $task->string('project'),
            $task->string('project_name'),
            $task->stringOrNull('phase'),
            $record->stringOrNull('role_name'),
            $isPencilled,
            $task->string('project_state') === 'closed' ? Wording::refusal('line_closed') : null,
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
            $records->tasks[$line->task]->int('internal'),
            $line->projectCode,
            $lines[$line->key] ?? PHP_INT_MAX,
            // Codes and names are compared as texts, also where they are digits.
            'x'.$line->taskCode,
            $line->roleName ?? '',
        ];
    }
}
