<?php

declare(strict_types=1);

namespace App\Pay;

use App\Effort\WorkingTime;
use App\Models\Entry;
use App\Models\PayRule;
use App\Models\Person;
use App\Models\Stretch;
use App\Support\Database\Record;
use App\Support\Database\Rows;
use Illuminate\Database\Query\Builder;
use Moss\Core\Calendar\HolidayCalendar;
use Moss\Core\Calendar\Week;
use Moss\Core\Pay\PaidTime;
use Moss\Core\Pay\PayWeek;

/** Weeks of people by kinds of pay, in a fixed number of queries. */
final readonly class PayWeeks
{
    /**
     * @param  array<string, array{int, Week}>  $weeks  persons and weeks, by any key
     * @param  list<int>  $anew  approved entries whose kinds are only now being settled
     * @return array<string, PaidWeek> by the same keys; without those for whom no rule holds
     */
    public static function of(array $weeks, array $anew = []): array
    {
        $rules = $weeks === [] ? null : PayRules::load();
        if ($rules === null || $rules->isEmpty()) {
            return [];
        }
        $people = Person::query()->whereIntegerInRaw('id', array_column($weeks, 0))->get(['id', 'team_id', 'calendar_id'])->keyBy('id');
        $working = WorkingTime::load();
        $entries = self::byWeek(Rows::of(PayEntry::class, self::in(Entry::query()->toBase(), $weeks)->select('id', 'person_id', 'task_id', 'role_id', 'date', 'minutes', 'state', 'corrects')->orderBy('date')->orderBy('id')));
        $stretches = [];
        foreach (Record::all(self::in(Stretch::query()->toBase()->where('is_inked', true), $weeks)->select('person_id', 'date', 'task_id', 'role_id', 'starts_at', 'ends_at')->orderBy('starts_at')) as $stretch) {
            $stretches[implode(' ', [$stretch->int('person_id'), $stretch->string('date'), $stretch->int('task_id'), $stretch->intOrNull('role_id')])][] = [$stretch->int('starts_at'), $stretch->int('ends_at')];
        }
        $stored = self::stored(array_merge(...array_values($entries)), $anew);
        $found = [];
        foreach ($weeks as $key => [$id, $week]) {
            $person = $people->get($id);
            $rule = $person === null ? null : $rules->for($id, $person->team_id, $week);
            if ($person !== null && $rule !== null) {
                $ofWeek = $entries[$id.' '.$week->toString()] ?? [];
                $kinds = PayWeek::of($week, $rule->rule(), self::times($ofWeek, $rule, $stretches, $stored), self::wholeHolidays($working->holidays($person->calendar_id), $week));
                $found[$key] = new PaidWeek($kinds, $rule, $ofWeek);
            }
        }

        return $found;
    }

    /** @param  array<string, array{int, Week}>  $weeks */
    private static function in(Builder $rows, array $weeks): Builder
    {
        return $rows->where(static function (Builder $any) use ($weeks): void {
            foreach ($weeks as [$person, $week]) {
                $any->orWhere(static fn (Builder $one): Builder => $one->where('person_id', $person)->whereBetween('date', [$week->monday()->toString(), $week->sunday()->toString()]));
            }
        });
    }

    /**
     * @param  list<PayEntry>  $entries
     * @return array<string, list<PayEntry>> by person and week
     */
    private static function byWeek(array $entries): array
    {
        $byWeek = [];
        foreach ($entries as $entry) {
            $byWeek[$entry->personId.' '.Week::containing($entry->date)->toString()][] = $entry;
        }

        return $byWeek;
    }

    /**
     * @param  list<PayEntry>  $entries
     * @param  list<int>  $anew
     * @return array<int, array<string, int>> by entry, of those that are approved
     */
    private static function stored(array $entries, array $anew): array
    {
        $minutes = [];
        foreach ($entries as $entry) {
            if ($entry->state->isActual()) {
                $minutes[$entry->id] = $entry->minutes->toInt();
            }
        }

        return ApprovedKinds::of(array_diff_key($minutes, array_flip($anew)));
    }

    /**
     * In the order in which they were worked, where the clock tells it; else as they were recorded.
     *
     * @param  list<PayEntry>  $entries
     * @param  array<string, non-empty-list<array{int, int}>>  $stretches  by person, day and line
     * @param  array<int, array<string, int>>  $stored
     * @return list<PaidTime>
     */
    private static function times(array $entries, PayRule $rule, array $stretches, array $stored): array
    {
        $at = static fn (PayEntry $entry): array => $entry->corrects === null ? $stretches[implode(' ', [$entry->personId, $entry->date->toString(), $entry->taskId, $entry->roleId])] ?? [] : [];
        usort($entries, static fn (PayEntry $one, PayEntry $other): int => [$one->date->toString(), $at($one)[0][0] ?? 1440, $one->id] <=> [$other->date->toString(), $at($other)[0][0] ?? 1440, $other->id]);

        return array_map(static fn (PayEntry $entry): PaidTime => new PaidTime(
            $entry->id,
            $entry->date,
            $entry->minutes->toInt(),
            min(max(0, $entry->minutes->toInt()), array_sum(array_map(static fn (array $span): int => $rule->nightWithin(...$span), $at($entry)))),
            $stored[$entry->id] ?? null,
        ), $entries);
    }

    /** @return list<string> */
    private static function wholeHolidays(HolidayCalendar $holidays, Week $week): array
    {
        $whole = [];
        foreach ($week->days() as $day) {
            if ($holidays->on($day)?->isWhole() === true) {
                $whole[] = $day->toString();
            }
        }

        return $whole;
    }
}
