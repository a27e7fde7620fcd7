<?php

declare(strict_types=1);

namespace Moss\Core\Pay;

use Moss\Core\Calendar\Week;

/**
 * Of which kinds the time of one person's week is.
 *
 * First each day is told apart as a whole; then the kinds are given to its entries. What was decided of an entry stays, and what is open
 * makes up the rest of the day, so that kinds add up to the hours of each entry, of each day and of the week.
 */
final readonly class PayWeek
{
    /**
     * @param  array<int, array<string, int>>  $kinds  minutes by kind, by entry; only kinds with minutes
     * @param  list<PayShare>  $shares  what of the week is not regular, and why, as the rule has it
     */
    private function __construct(private array $kinds, private array $shares)
    {
    }

    /**
     * @param  list<PaidTime>  $times  of the week, within a day in the order in which they were worked
     * @param  list<string>  $holidays  whole public holidays, as `YYYY-MM-DD`
     * @param  int  $workedBefore  how many days in a row were worked up to the Sunday before; of those beyond six nothing depends
     */
    public static function of(Week $week, PayRule $rule, array $times, array $holidays = [], int $workedBefore = 0): self
    {
        $premiums = new ChosenPremiums($rule->premiums);
        $worked = $premiums->worked($times);
        $byDay = [];
        foreach ($worked as $time) {
            $byDay[$time->day->toString()][] = $time;
        }
        $shares = [];
        $kinds = [];
        $regular = 0;
        $inRow = $rule->seventhAcrossWeeks ? $workedBefore : 0;
        $weekly = 0;
        foreach ($week->days() as $day) {
            $ofDay = $byDay[$day->toString()] ?? [];
            $minutes = max(0, self::sum(array_map(static fn (PaidTime $time): int => $time->minutes, $ofDay)));
            $night = max(0, min($minutes, self::sum(array_map(static fn (PaidTime $time): int => $time->nightMinutes, $ofDay))));
            $found = (new PayDay($rule, $day, $minutes, $night, in_array($day->toString(), $holidays, true), $inRow >= 6, $regular))->shares();
            $inRow = $minutes > 0 ? $inRow + 1 : 0;
            $regular += PayDay::countsAsRegular($minutes, $found);
            array_push($shares, ...$found);
            $totals = self::totals($minutes, $found, $rule->fallsOn === OvertimeFallsOn::Week);
            if ($rule->fallsOn === OvertimeFallsOn::Week) {
                $weekly += self::minutesOf($found, PayCause::Week) - max(0, self::decidedOvertime($ofDay) - ($totals[PayKind::Overtime->value] ?? 0));
            }
            $kinds += PayEntries::ofDay($rule->fallsOn, $ofDay, $totals);
        }

        return new self($premiums->put($weekly <= 0 ? $kinds : PayEntries::overWeek($kinds, $worked, $weekly), $times), $shares);
    }

    /** @return array<string, int> minutes by kind; only kinds with minutes */
    public function ofEntry(int $id): array
    {
        return $this->kinds[$id] ?? [];
    }

    /** @return array<string, int> minutes by kind, of all entries */
    public function sums(): array
    {
        $sums = [];
        foreach ($this->kinds as $ofEntry) {
            foreach ($ofEntry as $kind => $minutes) {
                $sums[$kind] = ($sums[$kind] ?? 0) + $minutes;
            }
        }

        return array_filter($sums, static fn (int $minutes): bool => $minutes !== 0);
    }

    /** @return list<PayShare> what is not regular, and why, in the order of days */
    public function shares(): array
    {
        return $this->shares;
    }

    /**
     * What a day comes to, by kind.
     *
     * @param  list<PayShare>  $shares
     * @param  bool  $withoutWeekly  whether the week's overtime is given to entries of all days later
     * @return array<string, int>
     */
    private static function totals(int $minutes, array $shares, bool $withoutWeekly): array
    {
        $totals = [PayKind::Regular->value => $minutes];
        foreach ($shares as $share) {
            if (! $withoutWeekly || $share->cause !== PayCause::Week) {
                $totals[PayKind::Regular->value] -= $share->minutes;
                $totals[$share->kind->value] = ($totals[$share->kind->value] ?? 0) + $share->minutes;
            }
        }

        return $totals;
    }

    /** @param  list<PayShare>  $shares */
    private static function minutesOf(array $shares, PayCause $cause): int
    {
        return self::sum(array_map(static fn (PayShare $share): int => $share->cause === $cause ? $share->minutes : 0, $shares));
    }

    /** @param  list<PaidTime>  $times */
    private static function decidedOvertime(array $times): int
    {
        return self::sum(array_map(static fn (PaidTime $time): int => $time->decided[PayKind::Overtime->value] ?? 0, $times));
    }

    /** @param  list<int>  $minutes */
    private static function sum(array $minutes): int
    {
        return array_sum($minutes);
    }
}
