<?php

declare(strict_types=1);

namespace App\Effort;

use App\Support\Database\Record;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\WeekPart;
use Moss\Core\Effort\RecordedEffort;
use Moss\Core\Money\Cost;
use Moss\Core\Money\Money;
use Moss\Core\Money\Pricing;
use Moss\Core\Sheet\Entry;
use Moss\Core\Sheet\EntryState;
use Moss\Core\Time\Minutes;

/** What was recorded on tasks: sums of week parts, and entries of parts whose days a figure tells apart. In two queries. */
final class RecordedReader
{
    /** @var array<string, Day> days by text, since many rows share them */
    private array $days = [];

    /** @var array<string, WeekPart> by the text of a day */
    private array $parts = [];

    /**
     * @param  array<int, list<Day>>  $estimated  days of estimates by task id
     * @return array<int, list<RecordedEffort>> by task id
     */
    public function minutes(EffortScope $scope, array $estimated): array
    {
        if ($scope->isOfSomePeople()) {
            return $this->days(self::entries($scope)->groupBy('entries.task_id', 'entries.person_id', 'entries.date'));
        }
        $parts = $this->partsOf($estimated);
        $byTask = [];
        foreach (Record::each(self::weeks($scope, $parts)->addSelect('recorded_weeks.starts_on')->selectRaw('recorded_weeks.actual_minutes + recorded_weeks.pending_minutes AS minutes')) as $week) {
            $byTask[$week->int('task_id')][] = RecordedEffort::unpriced($week->string('person'), $week->stringOrNull('team'), $this->day($week->string('starts_on')), Minutes::of($week->int('minutes')));
        }
        foreach ($parts === [] ? [] : $this->days(self::entriesOfParts($parts)->groupBy('entries.task_id', 'entries.person_id', 'entries.date')) as $task => $days) {
            $byTask[$task] = [...$byTask[$task] ?? [], ...$days];
        }

        return $byTask;
    }

    /**
     * @param  array<int, list<Day>>  $estimated  days of estimates by task id
     * @return array<int, list<RecordedEffort>> by task id
     */
    public function priced(EffortScope $scope, array $estimated, Pricing $pricing, Day $today): array
    {
        $part = WeekPart::containing($today);
        $parts = $this->partsOf($estimated);
        $byTask = $this->sums($scope, $parts, $part, $pricing);
        $ofToday = $scope->narrow(self::entriesJoined(), 'entries.task_id')
            ->whereBetween('entries.date', [$part->toString(), $part->days()->last()->toString()]);
        $query = self::withState($ofToday);
        if ($parts !== []) {
            $query->unionAll(self::withState(self::entriesOfParts(array_values(array_filter($parts, static fn (array $one): bool => $one[1] !== $part->toString())))));
        }
        foreach (Record::each($query) as $entry) {
            $byTask[$entry->int('task_id')][] = RecordedEffort::priced(new Entry(
                $entry->string('person'),
                $entry->stringOrNull('team'),
                $entry->stringOrNull('role'),
                $this->day($entry->string('date')),
                Minutes::of($entry->int('minutes')),
                EntryState::from($entry->string('state')),
            ), $pricing);
        }

        return $byTask;
    }

    /**
     * Sums of whole parts. Where no estimate lies between them, parts before today's are one sum, and so are those after it.
     *
     * @param  list<array{int, string, string}>  $parts  that are left out
     * @return array<int, list<RecordedEffort>> by task id
     */
    private function sums(EffortScope $scope, array $parts, WeekPart $today, Pricing $pricing): array
    {
        $estimated = json_encode(array_values(array_unique(array_column($parts, 0))), JSON_THROW_ON_ERROR);
        $columns = ['actual_minutes', 'pending_minutes', 'actual_cents', 'pending_cents', 'actual_unrated', 'pending_unrated', 'actual_hundredths', 'pending_hundredths'];
        $query = self::weeks($scope, $parts)->where('recorded_weeks.starts_on', '<>', $today->toString())
            ->selectRaw('min(recorded_weeks.starts_on) AS starts_on, '.implode(', ', array_map(static fn (string $column): string => "sum($column) AS $column", $columns)))
            ->groupBy('recorded_weeks.task_id', 'recorded_weeks.person_id')
            ->groupByRaw('CASE WHEN recorded_weeks.task_id IN (SELECT value FROM json_each(?)) THEN recorded_weeks.starts_on ELSE recorded_weeks.starts_on > ? END', [$estimated, $today->toString()]);
        $byTask = [];
        foreach (Record::each($query) as $sum) {
            foreach (['actual', 'pending'] as $kind) {
                $minutes = Minutes::of($sum->int($kind.'_minutes'));
                $cents = Money::ofCents($sum->int($kind.'_cents'));
                $unrated = Minutes::of($sum->int($kind.'_unrated'));
                $hours = Money::ofCents($sum->int($kind.'_hundredths'));
                if (! $minutes->isZero() || $cents->cents() !== 0 || ! $unrated->isZero() || $hours->cents() !== 0) {
                    $byTask[$sum->int('task_id')][] = new RecordedEffort(
                        $sum->string('person'),
                        $sum->stringOrNull('team'),
                        $this->day($sum->string('starts_on')),
                        $minutes,
                        $kind === 'actual',
                        Cost::known($cents)->plus(Cost::unknown($unrated)),
                        $pricing->hasRates() ? $cents : $hours,
                    );
                }
            }
        }

        return $byTask;
    }

    /** @return array<int, list<RecordedEffort>> by task id, one for each person and day with its sum */
    private function days(Builder $query): array
    {
        $byTask = [];
        foreach (Record::each($query->select('entries.task_id', 'people.code AS person', 'teams.code AS team', 'entries.date')->selectRaw('sum(entries.minutes) AS minutes')) as $day) {
            $byTask[$day->int('task_id')][] = RecordedEffort::unpriced($day->string('person'), $day->stringOrNull('team'), $this->day($day->string('date')), Minutes::of($day->int('minutes')));
        }

        return $byTask;
    }

    /** @param  list<array{int, string, string}>  $parts  that are left out */
    private static function weeks(EffortScope $scope, array $parts): Builder
    {
        return $scope->narrow(DB::table('recorded_weeks'), 'recorded_weeks.task_id')
            ->join('people', 'people.id', 'recorded_weeks.person_id')->leftJoin('teams', 'teams.id', 'people.team_id')
            ->when($parts !== [], static fn (Builder $query): Builder => $query->whereRaw(
                '(recorded_weeks.task_id, recorded_weeks.starts_on) NOT IN (SELECT value ->> 0, value ->> 1 FROM json_each(?))', [json_encode($parts, JSON_THROW_ON_ERROR)],
            ))
            ->select('recorded_weeks.task_id', 'people.code AS person', 'teams.code AS team');
    }

    private static function entries(EffortScope $scope): Builder
    {
        return $scope->narrowPeople($scope->narrow(self::entriesJoined(), 'entries.task_id'), 'entries.person_id');
    }

    /** @param  list<array{int, string, string}>  $parts */
    private static function entriesOfParts(array $parts): Builder
    {
        $of = DB::query()->fromRaw('json_each(?)', [json_encode($parts, JSON_THROW_ON_ERROR)])->selectRaw('value ->> 0 AS task_id, value ->> 1 AS first, value ->> 2 AS last');

        return DB::query()->fromSub($of, 'parts')->crossJoin('entries')
            ->join('people', 'people.id', 'entries.person_id')->leftJoin('teams', 'teams.id', 'people.team_id')
            ->whereColumn('entries.task_id', 'parts.task_id')->whereColumn('entries.date', '>=', 'parts.first')->whereColumn('entries.date', '<=', 'parts.last');
    }

    private static function entriesJoined(): Builder
    {
        return DB::table('entries')->join('people', 'people.id', 'entries.person_id')->leftJoin('teams', 'teams.id', 'people.team_id');
    }

    private static function withState(Builder $entries): Builder
    {
        return $entries->leftJoin('roles', 'roles.id', 'entries.role_id')
            ->select('entries.task_id', 'people.code AS person', 'teams.code AS team', 'roles.code AS role', 'entries.date', 'entries.minutes', 'entries.state');
    }

    /**
     * @param  array<int, list<Day>>  $estimated
     * @return list<array{int, string, string}> task, first and last day of the parts in which estimates were made
     */
    private function partsOf(array $estimated): array
    {
        $parts = [];
        foreach ($estimated as $task => $days) {
            foreach ($days as $day) {
                $part = $this->parts[$day->toString()] ??= WeekPart::containing($day);
                $parts[$task.' '.$part->toString()] = [$task, $part->toString(), $part->days()->last()->toString()];
            }
        }

        return array_values($parts);
    }

    private function day(string $text): Day
    {
        return $this->days[$text] ??= Day::of($text);
    }
}
