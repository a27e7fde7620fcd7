<?php

declare(strict_types=1);

namespace Tests\Core\Pay;

use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Week;
use Moss\Core\Pay\OvertimeFallsOn;
use Moss\Core\Pay\PaidTime;
use Moss\Core\Pay\PayPremium;
use Moss\Core\Pay\PayRule;
use Moss\Core\Pay\PayShare;
use Moss\Core\Pay\PayWeek;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Kinds of pay of the week of 15 June 2026, a Monday. */
final class PayWeekTest extends TestCase
{
    /**
     * @param  list<int>  $hours  of each day, Monday first
     * @param  array<string, int>  $kinds  hours by kind
     * @param  list<string>  $holidays
     */
    #[DataProvider('weeks')]
    public function test_a_week_is_told_apart(PayRule $rule, array $hours, array $kinds, array $holidays = []): void
    {
        $week = PayWeek::of(self::week(), $rule, array_map(static fn (int $index, int $of): PaidTime => self::time($index, $index, $of * 60), array_keys($hours), $hours), $holidays);

        self::assertEquals(array_map(static fn (int $of): int => $of * 60, $kinds), $week->sums());
    }

    /** @return iterable<string, array{0: PayRule, 1: list<int>, 2: array<string, int>, 3?: list<string>}> */
    public static function weeks(): iterable
    {
        $forty = new PayRule(weeklyOver: 2400);
        $days = new PayRule(dailyOver: 480, dailyDoubleOver: 720, weeklyOver: 2400, seventhDay: true, seventhDoubleOver: 480);
        yield 'no rule' => [new PayRule, [10, 10, 10, 10, 10, 10, 10], ['regular' => 70]];
        yield 'just forty' => [$forty, [8, 8, 8, 8, 8], ['regular' => 40]];
        yield 'over forty' => [$forty, [8, 8, 8, 8, 10], ['regular' => 40, 'overtime' => 2]];
        yield 'over forty by a sixth day' => [$forty, [8, 8, 8, 8, 8, 8], ['regular' => 40, 'overtime' => 8]];
        yield 'long days in a short week' => [$forty, [12, 12, 12], ['regular' => 36]];
        yield 'a day over eight' => [$days, [10], ['regular' => 8, 'overtime' => 2]];
        yield 'a day over twelve' => [$days, [14], ['regular' => 8, 'overtime' => 4, 'double' => 2]];
        yield 'four days of ten are overtime by the day, and not by the week too' => [$days, [10, 10, 10, 10], ['regular' => 32, 'overtime' => 8]];
        yield 'six days of eight' => [$days, [8, 8, 8, 8, 8, 8], ['regular' => 40, 'overtime' => 8]];
        yield 'six days of ten' => [$days, [10, 10, 10, 10, 10, 10], ['regular' => 40, 'overtime' => 20]];
        yield 'the seventh day in a row' => [$days, [4, 4, 4, 4, 4, 4, 10], ['regular' => 24, 'overtime' => 8, 'double' => 2]];
        yield 'a Sunday after a free day' => [$days, [4, 4, 4, 4, 4, 0, 10], ['regular' => 28, 'overtime' => 2]];
        yield 'Sundays and holidays are their own, and do not count towards the week' => [new PayRule(weeklyOver: 2400, sundays: true, holidays: true), [8, 8, 8, 8, 8, 4, 6], ['holiday' => 8, 'regular' => 36, 'sunday' => 6], ['2026-06-17']];
        yield 'a holiday where the rule does not say so' => [$forty, [8, 8, 8, 8, 8], ['regular' => 40], ['2026-06-17']];
    }

    /** @param  array<int, array<string, int>>  $kinds  by entry */
    #[DataProvider('places')]
    public function test_overtime_falls_on_entries_by_the_rule(OvertimeFallsOn $fallsOn, array $kinds): void
    {
        $times = [];
        foreach (range(0, 4) as $day) {
            // Four and four hours on four days, five and five on Friday.
            $times[] = self::time($day * 2, $day, $day === 4 ? 300 : 240);
            $times[] = self::time($day * 2 + 1, $day, $day === 4 ? 300 : 240);
        }
        $week = PayWeek::of(self::week(), new PayRule(weeklyOver: 2400, fallsOn: $fallsOn), $times);
        foreach ($kinds as $entry => $ofEntry) {
            self::assertSame($ofEntry, $week->ofEntry($entry));
        }
        self::assertSame(['regular' => 2400, 'overtime' => 120], $week->sums());
        self::assertSame(['2026-06-19 overtime week 120'], array_map(static fn (PayShare $share): string => implode(' ', [$share->day->toString(), $share->kind->value, $share->cause->value, $share->minutes]), $week->shares()));
    }

    /** @return iterable<string, array{OvertimeFallsOn, array<int, array<string, int>>}> */
    public static function places(): iterable
    {
        yield 'an hour on each project' => [OvertimeFallsOn::Day, [0 => ['regular' => 240], 8 => ['regular' => 240, 'overtime' => 60], 9 => ['regular' => 240, 'overtime' => 60]]];
        yield 'on the last' => [OvertimeFallsOn::Last, [8 => ['regular' => 300], 9 => ['regular' => 180, 'overtime' => 120]]];
        // 120 minutes over eight times 240 and twice 300 of 2520: 11.43 and 14.29 each.
        yield 'over the week' => [OvertimeFallsOn::Week, [0 => ['regular' => 228, 'overtime' => 12], 7 => ['regular' => 229, 'overtime' => 11], 9 => ['regular' => 286, 'overtime' => 14]]];
    }

    public function test_nights_are_told_apart_of_what_is_regular(): void
    {
        $rule = new PayRule(dailyOver: 480, nights: true, fallsOn: OvertimeFallsOn::Last);
        $week = PayWeek::of(self::week(), $rule, [self::time(1, 0, 300, 0), self::time(2, 0, 300, 120)]);

        self::assertSame(['regular' => 300], $week->ofEntry(1));
        self::assertEquals(['regular' => 60, 'overtime' => 120, 'night' => 120], $week->ofEntry(2));
    }

    public function test_what_is_decided_stays_and_the_rest_makes_up_the_day(): void
    {
        $rule = new PayRule(dailyOver: 480, fallsOn: OvertimeFallsOn::Last);
        $decided = self::time(1, 0, 300, decided: ['regular' => 180, 'overtime' => 120]);
        $week = PayWeek::of(self::week(), $rule, [$decided, self::time(2, 0, 360)]);
        self::assertEquals([['regular' => 180, 'overtime' => 120], ['regular' => 300, 'overtime' => 60]], [$week->ofEntry(1), $week->ofEntry(2)]);

        // Approved when the day was longer: there is more overtime than the rule asks for, and none is added.
        $week = PayWeek::of(self::week(), $rule, [$decided, self::time(2, 0, 60)]);
        self::assertSame(['regular' => 60], $week->ofEntry(2));
    }

    public function test_a_correction_takes_of_what_there_is_too_much_of(): void
    {
        $rule = new PayRule(weeklyOver: 2400);
        $times = array_map(static fn (int $day): PaidTime => self::time($day, $day, 540, decided: $day === 4 ? ['regular' => 240, 'overtime' => 300] : ['regular' => 540]), range(0, 4));
        $week = PayWeek::of(self::week(), $rule, [...$times, self::time(9, 4, -360)]);
        self::assertEquals(['overtime' => -300, 'regular' => -60], $week->ofEntry(9));
        self::assertEquals(['regular' => 2340], $week->sums());
    }

    /** A week that a month ends in: what went with its first days stays, and the last days have the overtime of all of them. */
    public function test_the_second_part_of_a_week_knows_the_first(): void
    {
        $rule = new PayRule(weeklyOver: 2400, fallsOn: OvertimeFallsOn::Last);
        $first = PayWeek::of(self::week(), $rule, [self::time(1, 0, 600), self::time(2, 1, 600)]);
        self::assertSame([['regular' => 600], ['regular' => 600]], [$first->ofEntry(1), $first->ofEntry(2)]);

        $week = PayWeek::of(self::week(), $rule, [self::time(1, 0, 600, decided: ['regular' => 600]), self::time(2, 1, 600, decided: ['regular' => 600]), self::time(3, 2, 600), self::time(4, 3, 660)]);
        self::assertSame([['regular' => 600], ['regular' => 600, 'overtime' => 60]], [$week->ofEntry(3), $week->ofEntry(4)]);
    }

    /**
     * Three entries of a day: 4, 3 and 3 hours, of which two are overtime.
     *
     * @param  array<int, array<string, int>>  $chosen  by entry
     * @param  list<int>  $overtime  of each entry
     */
    #[DataProvider('choices')]
    public function test_overtime_is_moved_within_the_rule(OvertimeFallsOn $fallsOn, array $chosen, array $overtime): void
    {
        $times = array_map(static fn (int $id, int $minutes): PaidTime => self::time($id, 0, $minutes, chosen: $chosen[$id] ?? []), [1, 2, 3], [240, 180, 180]);
        $week = PayWeek::of(self::week(), new PayRule(dailyOver: 480, fallsOn: $fallsOn), $times);

        self::assertSame($overtime, array_map(static fn (int $id): int => $week->ofEntry($id)['overtime'] ?? 0, [1, 2, 3]));
        self::assertSame(['regular' => 480, 'overtime' => 120], $week->sums());
    }

    /** @return iterable<string, array{OvertimeFallsOn, array<int, array<string, int>>, list<int>}> */
    public static function choices(): iterable
    {
        yield 'the last, where nothing is chosen' => [OvertimeFallsOn::Last, [], [0, 0, 120]];
        yield 'an hour on the first' => [OvertimeFallsOn::Last, [1 => ['overtime' => 60]], [60, 0, 60]];
        yield 'all of it on the first' => [OvertimeFallsOn::Last, [1 => ['overtime' => 120]], [120, 0, 0]];
        yield 'more than there is' => [OvertimeFallsOn::Last, [1 => ['overtime' => 240]], [120, 0, 0]];
        yield 'more than there is, of two' => [OvertimeFallsOn::Day, [1 => ['overtime' => 90], 3 => ['overtime' => 90]], [90, 0, 30]];
        yield 'none on the last' => [OvertimeFallsOn::Last, [3 => ['overtime' => 0]], [0, 120, 0]];
        yield 'none anywhere, which cannot be' => [OvertimeFallsOn::Last, [1 => ['overtime' => 0], 2 => ['overtime' => 0], 3 => ['overtime' => 0]], [0, 0, 120]];
        yield 'none on the first, the others in proportion' => [OvertimeFallsOn::Day, [1 => ['overtime' => 0]], [0, 60, 60]];
    }

    public function test_overtime_of_a_week_is_moved_between_its_days(): void
    {
        $times = array_map(static fn (int $day): PaidTime => self::time($day, $day, 540, chosen: $day === 0 ? ['overtime' => 300] : []), range(0, 4));
        $week = PayWeek::of(self::week(), new PayRule(weeklyOver: 2400, fallsOn: OvertimeFallsOn::Week), $times);

        self::assertSame(['regular' => 240, 'overtime' => 300], $week->ofEntry(0));
        self::assertSame(['regular' => 540], $week->ofEntry(4));
        // Where it falls on days, it stays on the day.
        self::assertSame(['regular' => 540], PayWeek::of(self::week(), new PayRule(weeklyOver: 2400), $times)->ofEntry(0));
    }

    public function test_stand_by_counts_towards_nothing_and_a_shift_is_paid_for_regular_time(): void
    {
        $rule = new PayRule(dailyOver: 480, weeklyOver: 2400, sundays: true, fallsOn: OvertimeFallsOn::Last, premiums: self::premiums());
        $week = PayWeek::of(self::week(), $rule, [
            self::time(1, 0, 600, chosen: ['shift' => 600]),
            self::time(2, 1, 480), self::time(3, 1, 720, chosen: ['stand-by' => 720]),
            self::time(4, 6, 300, chosen: ['stand-by' => 180, 'shift' => 300]),
        ]);

        self::assertEquals(['shift' => 480, 'overtime' => 120], $week->ofEntry(1), 'overtime comes before a premium');
        self::assertSame(['regular' => 480], $week->ofEntry(2), 'stand-by makes nothing overtime');
        self::assertSame(['stand-by' => 720], $week->ofEntry(3));
        self::assertEquals(['sunday' => 120, 'stand-by' => 180], $week->ofEntry(4));
        self::assertEquals(['shift' => 480, 'overtime' => 120, 'regular' => 480, 'stand-by' => 900, 'sunday' => 120], $week->sums());
    }

    public function test_a_correction_takes_away_of_a_premium_where_that_is_asked_for(): void
    {
        $rule = new PayRule(weeklyOver: 2400, premiums: self::premiums());
        $week = PayWeek::of(self::week(), $rule, [
            self::time(1, 0, 480, decided: ['regular' => 480]), self::time(2, 0, -240, chosen: ['stand-by' => -240]), self::time(3, 0, -120, chosen: ['stand-by' => -60, 'shift' => -60]),
        ]);

        self::assertSame(['stand-by' => -240], $week->ofEntry(2));
        self::assertEquals(['shift' => -60, 'stand-by' => -60], $week->ofEntry(3));
        self::assertEquals(['regular' => 480, 'stand-by' => -300, 'shift' => -60], $week->sums());
    }

    /** @param  array<string, int>  $kinds */
    #[DataProvider('rows')]
    public function test_days_in_a_row_are_counted_on_from_the_week_before(int $workedBefore, bool $acrossWeeks, array $kinds): void
    {
        $rule = new PayRule(seventhDay: true, seventhAcrossWeeks: $acrossWeeks);
        $times = array_map(static fn (int $day): PaidTime => self::time($day, $day, 60), [0, 1, 2, 4]);

        self::assertSame($kinds, PayWeek::of(self::week(), $rule, $times, [], $workedBefore)->sums());
    }

    /** @return iterable<string, array{int, bool, array<string, int>}> */
    public static function rows(): iterable
    {
        yield 'nothing before' => [0, true, ['regular' => 240]];
        yield 'four days, so that Wednesday is the seventh' => [4, true, ['regular' => 180, 'overtime' => 60]];
        yield 'five days, and the eighth too' => [5, true, ['regular' => 120, 'overtime' => 120]];
        yield 'all of the week before' => [7, true, ['overtime' => 180, 'regular' => 60]];
        yield 'within a week only' => [6, false, ['regular' => 240]];
    }

    public function test_kinds_are_those_of_every_single_minute(): void
    {
        $random = new Randomizer(new Mt19937(7));
        for ($number = 0; $number < 400; $number++) {
            [$rule, $times, $holidays, $before] = self::some($random);
            $week = PayWeek::of(self::week(), $rule, $times, $holidays, $before);
            $said = "week $number";
            $together = static fn (array $sums): array => [...array_diff_key($sums, ['shift' => 0]), 'regular' => ($sums['regular'] ?? 0) + ($sums['shift'] ?? 0)];
            self::assertEquals($together(MinuteByMinute::sums($rule, $times, $holidays, $before)), $together($week->sums()), $said);
            foreach ($times as $time) {
                $kinds = $week->ofEntry($time->id);
                self::assertSame($time->minutes, array_sum($kinds), $said);
                self::assertSame([], array_filter($kinds, static fn (int $minutes): bool => $minutes <= 0), $said);
                if ($rule->fallsOn === OvertimeFallsOn::Last && ! $rule->nights) {
                    self::assertEquals(MinuteByMinute::ofEntry($rule, $times, $holidays, $time->id, $before), $kinds, "$said, entry $time->id");
                }
            }
        }
    }

    public function test_kinds_add_up_whatever_was_decided_before(): void
    {
        $random = new Randomizer(new Mt19937(11));
        for ($number = 0; $number < 200; $number++) {
            [$rule, $times, $holidays] = self::some($random, true);
            $before = PayWeek::of(self::week(), $rule, array_slice($times, 0, intdiv(count($times), 2)), $holidays);
            $decided = array_map(static fn (PaidTime $time): PaidTime => new PaidTime($time->id, $time->day, $time->minutes, $time->nightMinutes, $before->ofEntry($time->id) === [] ? null : $before->ofEntry($time->id), $time->chosen), $times);
            $week = PayWeek::of(self::week(), $rule, $decided, $holidays);
            foreach ($decided as $time) {
                self::assertSame($time->minutes, array_sum($week->ofEntry($time->id)));
                self::assertTrue($time->decided === null || $time->decided === $week->ofEntry($time->id));
            }
        }
    }

    /** @return list<PayPremium> */
    private static function premiums(): array
    {
        return [new PayPremium('stand-by', false), new PayPremium('shift', true)];
    }

    /**
     * @param  bool  $moves  whether overtime is chosen by hand too
     * @return array{PayRule, list<PaidTime>, list<string>, int}
     */
    private static function some(Randomizer $random, bool $moves = false): array
    {
        $pick = static fn (int|bool|null ...$some): int|bool|null => $some[$random->getInt(0, count($some) - 1)];
        $rule = new PayRule(
            self::number($pick(null, 480, 456)), self::number($pick(null, 720)), self::number($pick(null, 2400, 2280)), $pick(true, false) === true, self::number($pick(null, 480)),
            $pick(true, false) === true, $pick(true, false) === true, $pick(true, false) === true, OvertimeFallsOn::cases()[$random->getInt(0, 2)],
            $pick(true, false) === true, $pick(true, false) === true ? self::premiums() : [],
        );
        $times = [];
        foreach (range(0, 6) as $day) {
            for ($count = $random->getInt($day > 4 ? 0 : 1, 3); $count > 0; $count--) {
                $minutes = $random->getInt(1, 500);
                $chosen = array_filter(['stand-by' => $random->getInt(0, 4) * 60, 'shift' => $random->getInt(0, 4) * 60, 'overtime' => $moves ? $random->getInt(0, 3) * 60 : 0]);
                $times[] = self::time(count($times) + 1, $day, $minutes, $random->getInt(0, 3) === 0 ? $random->getInt(0, $minutes) : 0, chosen: $chosen);
            }
        }

        return [$rule, $times, $random->getInt(0, 2) === 0 ? ['2026-06-17'] : [], $random->getInt(0, 7)];
    }

    private static function number(int|bool|null $value): ?int
    {
        return is_int($value) ? $value : null;
    }

    /**
     * @param  array<string, int>|null  $decided
     * @param  array<string, int>  $chosen
     */
    private static function time(int $id, int $day, int $minutes, int $night = 0, ?array $decided = null, array $chosen = []): PaidTime
    {
        return new PaidTime($id, Day::of('2026-06-15')->plusDays($day), $minutes, $night, $decided, $chosen);
    }

    private static function week(): Week
    {
        return Week::of('2026-W25');
    }
}
