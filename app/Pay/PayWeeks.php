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
use Moss\Core\Pay\PayWeek;

/** Weeks of people by kinds of pay, in a fixed number of queries. */
final readonly class PayWeeks
{
    /** Days before one that is the seventh in a row. */
    private const ROW = 6;

    /**
     * @param  array<string, array{int, Week}>  $weeks  persons and weeks, by any key
     * @param  list<int>  $anew  approved entries whose kinds are only now being settled
     * @return array<string, PaidWeek> by the same keys; without those for whom no rule holds and there is no premium
     */
    public static function of(array $weeks, array $anew = []): array
    {
        $rules = $weeks === [] ? null : PayRules::load();
        $premiums = $rules === null ? null : PayPremiums::load();
        if ($rules === null || $premiums === null || ($rules->isEmpty() && $premiums->isEmpty())) {
            return [];
        }
        $people = Person::query()->whereIntegerInRaw('id', array_column($weeks, 0))->get(['id', 'team_id', 'calendar_id'])->keyBy('id');
        $working = WorkingTime::load();
        $rows = Rows::of(PayEntry::class, self::in(Entry::query()->toBase(), $weeks, $rules->countAcrossWeeks() ? self::ROW : 0)->select('id', 'person_id', 'task_id', 'role_id', 'date', 'minutes', 'state', 'corrects')->orderBy('date')->orderBy('id'));
        $entries = self::byWeek($rows);
        $times = new PayTimes(self::stretches($weeks), self::stored($rows, $anew), ChosenPay::of(array_map(static fn (PayEntry $entry): int => $entry->id, $rows)));
        $found = [];
        foreach ($weeks as $key => [$id, $week]) {
            $person = $people->get($id);
            $rule = $person === null ? null : $rules->for($id, $person->team_id, $week) ?? ($premiums->isEmpty() ? null : new PayRule);
            if ($person !== null && $rule !== null) {
                $ofWeek = $entries[$id.' '.$week->toString()] ?? [];
                $core = $rule->rule($premiums->core());
                $before = $rule->seventh_across_weeks ? $times->daysInRow($core, $entries[$id.' '.$week->plusWeeks(-1)->toString()] ?? [], $week) : 0;
                $kinds = PayWeek::of($week, $core, $times->of($ofWeek, $rule), self::wholeHolidays($working->holidays($person->calendar_id), $week), $before);
                $found[$key] = new PaidWeek($kinds, $rule, $ofWeek, $premiums, $times->chosen);
            }
        }

        return $found;
    }

    /**
     * @param  array<string, array{int, Week}>  $weeks
     * @return array<string, non-empty-list<array{int, int}>> by person, day and line
     */
    private static function stretches(array $weeks): array
    {
        $stretches = [];
        foreach (Record::all(self::in(Stretch::query()->toBase()->where('is_inked', true), $weeks)->select('person_id', 'date', 'task_id', 'role_id', 'starts_at', 'ends_at')->orderBy('starts_at')) as $stretch) {
            $stretches[PayTimes::line($stretch->int('person_id'), $stretch->string('date'), $stretch->int('task_id'), $stretch->intOrNull('role_id'))][] = [$stretch->int('starts_at'), $stretch->int('ends_at')];
        }

        return $stretches;
    }

    /**
     * @param  array<string, array{int, Week}>  $weeks
     * @param  int  $before  how many days before them too
     */
    private static function in(Builder $rows, array $weeks, int $before = 0): Builder
    {
        return $rows->where(static function (Builder $any) use ($weeks, $before): void {
            foreach ($weeks as [$person, $week]) {
                $any->orWhere(static fn (Builder $one): Builder => $one->where('person_id', $person)->whereBetween('date', [$week->monday()->plusDays(-$before)->toString(), $week->sunday()->toString()]));
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
