<?php

declare(strict_types=1);

namespace Tests\Core\Pay;

use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Week;
use Moss\Core\Pay\OvertimeFallsOn;
use Moss\Core\Pay\PaidTime;
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

    public function test_kinds_are_those_of_every_single_minute(): void
    {
        $random = new Randomizer(new Mt19937(7));
        for ($number = 0; $number < 400; $number++) {
            [$rule, $times, $holidays] = self::some($random);
            $week = PayWeek::of(self::week(), $rule, $times, $holidays);
            $said = "week $number";
            self::assertEquals(MinuteByMinute::sums($rule, $times, $holidays), $week->sums(), $said);
            foreach ($times as $time) {
                $kinds = $week->ofEntry($time->id);
                self::assertSame($time->minutes, array_sum($kinds), $said);
                self::assertSame([], array_filter($kinds, static fn (int $minutes): bool => $minutes <= 0), $said);
                if ($rule->fallsOn === OvertimeFallsOn::Last && ! $rule->nights) {
                    self::assertEquals(MinuteByMinute::ofEntry($rule, $times, $holidays, $time->id), $kinds, "$said, entry $time->id");
                }
            }
        }
    }

    public function test_kinds_add_up_whatever_was_decided_before(): void
    {
        $random = new Randomizer(new Mt19937(11));
        for ($number = 0; $number < 200; $number++) {
            [$rule, $times, $holidays] = self::some($random);
            $before = PayWeek::of(self::week(), $rule, array_slice($times, 0, intdiv(count($times), 2)), $holidays);
            $decided = array_map(static fn (PaidTime $time): PaidTime => new PaidTime($time->id, $time->day, $time->minutes, $time->nightMinutes, $before->ofEntry($time->id) === [] ? null : $before->ofEntry($time->id)), $times);
            $week = PayWeek::of(self::week(), $rule, $decided, $holidays);
            foreach ($decided as $time) {
                self::assertSame($time->minutes, array_sum($week->ofEntry($time->id)));
                self::assertTrue($time->decided === null || $time->decided === $week->ofEntry($time->id));
            }
        }
    }

    /** @return array{PayRule, list<PaidTime>, list<string>} */
    private static function some(Randomizer $random): array
    {
        $pick = static fn (int|bool|null ...$some): int|bool|null => $some[$random->getInt(0, count($some) - 1)];
        $rule = new PayRule(
            self::number($pick(null, 480, 456)), self::number($pick(null, 720)), self::number($pick(null, 2400, 2280)), $pick(true, false) === true, self::number($pick(null, 480)),
            $pick(true, false) === true, $pick(true, false) === true, $pick(true, false) === true, OvertimeFallsOn::cases()[$random->getInt(0, 2)],
        );
        $times = [];
        foreach (range(0, 6) as $day) {
            for ($count = $random->getInt($day > 4 ? 0 : 1, 3); $count > 0; $count--) {
                $minutes = $random->getInt(1, 500);
                $times[] = self::time(count($times) + 1, $day, $minutes, $random->getInt(0, 3) === 0 ? $random->getInt(0, $minutes) : 0);
            }
        }

        return [$rule, $times, $random->getInt(0, 2) === 0 ? ['2026-06-17'] : []];
    }

    private static function number(int|bool|null $value): ?int
    {
        return is_int($value) ? $value : null;
    }

    /** @param  array<string, int>|null  $decided */
    private static function time(int $id, int $day, int $minutes, int $night = 0, ?array $decided = null): PaidTime
    {
        return new PaidTime($id, Day::of('2026-06-15')->plusDays($day), $minutes, $night, $decided);
    }

    private static function week(): Week
    {
        return Week::of('2026-W25');
    }
}
