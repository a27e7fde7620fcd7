<?php

declare(strict_types=1);

namespace App\Effort;

use App\Models\Entry as EntryModel;
use App\Models\RecordedWeek;
use App\Support\Database\Sql;
use App\Support\Database\StreamedRows;
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
    /** A text that comes after every day's. */
    private const AFTER_ALL = ':';

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
        $weeks = $scope->narrow(RecordedWeek::query()->toBase(), 'recorded_weeks.task_id')
            ->join('people', 'people.id', 'recorded_weeks.person_id')->leftJoin('teams', 'teams.id', 'people.team_id')
            ->select('recorded_weeks.task_id', 'people.code', 'teams.code', 'recorded_weeks.starts_on')->selectRaw('actual_minutes + pending_minutes');
        foreach (StreamedRows::of($weeks) as $row) {
            /** @var array{int, string, string|null, string, int} $row */
            [$task, $person, $team, $day, $minutes] = $row;
            if (isset($parts[$task.' '.$day])) {
                continue;
            }
            $byTask[$task][] = RecordedEffort::unpriced($person, $team, $this->day($day), Minutes::of($minutes));
        }
        foreach ($parts === [] ? [] : $this->days(self::entriesOfParts(array_values($parts))->groupBy('entries.task_id', 'entries.person_id', 'entries.date')) as $task => $days) {
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
        foreach (StreamedRows::of($query) as $row) {
            /** @var array{int, string, string|null, string|null, string, int, string, int|null} $row */
            [$task, $person, $team, $role, $date, $minutes, $state, $costed] = $row;
            $byTask[$task][] = RecordedEffort::priced(new Entry($person, $team, $role, $this->day($date), Minutes::of($minutes), EntryState::from($state), $costed), $pricing);
        }

        return $byTask;
    }

    /**
     * Sums of whole parts: parts between which neither an estimate nor today lies are one sum.
     *
     * @param  array<string, array{int, string, string}>  $parts  that are left out, by task and first day
     * @return array<int, list<RecordedEffort>> by task id
     */
    private function sums(EffortScope $scope, array $parts, WeekPart $today, Pricing $pricing): array
    {
        $columns = ['actual_minutes', 'actual_cents', 'actual_unrated', 'actual_hundredths', 'pending_minutes', 'pending_cents', 'pending_unrated', 'pending_hundredths'];
        $sums = implode(', ', array_map(static fn (string $column): string => "sum($column) AS $column", $columns));
        $estimated = array_values(array_unique(array_column($parts, 0)));
        $query = $scope->narrow(RecordedWeek::query()->toBase(), 'task_id')->whereNotIn('task_id', $estimated)->where('starts_on', '<>', $today->toString())
            ->selectRaw('task_id, person_id, min(starts_on) AS starts_on, '.$sums)->groupBy('task_id', 'person_id')->groupByRaw('starts_on > ?', [$today->toString()]);
        if ($parts !== []) {
            $query->unionAll(self::between($parts, $today)->selectRaw('recorded_weeks.task_id, person_id, min(starts_on) AS starts_on, '.$sums)->groupBy('recorded_weeks.task_id', 'person_id', 'spans.after'));
        }
        $byTask = [];
        foreach (StreamedRows::of(DB::query()->fromSub($query, 'sums')->join('people', 'people.id', 'sums.person_id')->leftJoin('teams', 'teams.id', 'people.team_id')
            ->select('sums.task_id', 'people.code', 'teams.code', 'sums.starts_on', ...$columns)) as $row) {
            /** @var array{int, string, string|null, string, int, int, int, int, int, int, int, int} $row */
            [$task, $person, $team, $day] = $row;
            foreach ([[true, $row[4], $row[5], $row[6], $row[7]], [false, $row[8], $row[9], $row[10], $row[11]]] as [$isActual, $minutes, $cents, $unrated, $hundredths]) {
                if ($minutes !== 0 || $cents !== 0 || $unrated !== 0 || $hundredths !== 0) {
                    $byTask[$task][] = new RecordedEffort(
                        $person, $team, $this->day($day), Minutes::of($minutes), $isActual,
                        Cost::known(Money::ofCents($cents))->plus(Cost::unknown(Minutes::of($unrated))),
                        Money::ofCents($pricing->hasRates() ? $cents : $hundredths),
                    );
                }
            }
        }

        return $byTask;
    }

    /**
     * What was recorded on tasks in the spans between some of their parts and today's, neither of which belongs to them.
     *
     * @param  non-empty-array<string, array{int, string, string}>  $parts
     */
    private static function between(array $parts, WeekPart $today): Builder
    {
        $firsts = [];
        foreach ($parts as [$task, $first]) {
            $firsts[$task][] = $first;
        }
        $spans = [];
        foreach ($firsts as $task => $ofTask) {
            $ofTask = array_unique([...$ofTask, $today->toString()]);
            sort($ofTask, SORT_STRING);
            foreach ([...$ofTask, self::AFTER_ALL] as $number => $before) {
                $spans[] = [$task, $ofTask[$number - 1] ?? '', $before];
            }
        }
        // The limit, which leaves none out, has each read once rather than for every week that is compared with it.
        $of = DB::query()->fromRaw('json_each(?)', [json_encode($spans, JSON_THROW_ON_ERROR)])->selectRaw('value ->> 0 AS task_id, value ->> 1 AS after, value ->> 2 AS before')->limit(count($spans));

        return DB::query()->fromSub($of, 'spans')->crossJoin('recorded_weeks')
            ->whereColumn('recorded_weeks.task_id', 'spans.task_id')->whereColumn('recorded_weeks.starts_on', '>', 'spans.after')->whereColumn('recorded_weeks.starts_on', '<', 'spans.before');
    }

    /** @return array<int, list<RecordedEffort>> by task id, one for each person and day with its sum */
    private function days(Builder $query): array
    {
        $byTask = [];
        foreach (StreamedRows::of($query->select('entries.task_id', 'people.code', 'teams.code', 'entries.date', Sql::sum('entries.minutes'))) as $row) {
            /** @var array{int, string, string|null, string, int} $row */
            [$task, $person, $team, $date, $minutes] = $row;
            $byTask[$task][] = RecordedEffort::unpriced($person, $team, $this->day($date), Minutes::of($minutes));
        }

        return $byTask;
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
        return EntryModel::query()->toBase()->join('people', 'people.id', 'entries.person_id')->leftJoin('teams', 'teams.id', 'people.team_id');
    }

    private static function withState(Builder $entries): Builder
    {
        return $entries->leftJoin('roles', 'roles.id', 'entries.role_id')
            ->select('entries.task_id', 'people.code AS person', 'teams.code AS team', 'roles.code AS role', 'entries.date', 'entries.minutes', 'entries.state')
            ->selectSub(CostedMinutes::beside(), 'costed');
    }

    /**
     * @param  array<int, list<Day>>  $estimated
     * @return array<string, array{int, string, string}> task, first and last day of the parts in which estimates were made, by the first two
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

        return $parts;
    }

    private function day(string $text): Day
    {
        return $this->days[$text] ??= Day::of($text);
    }
}
