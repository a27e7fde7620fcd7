<?php

declare(strict_types=1);

namespace Tests\Core\Timer;

use DateTimeImmutable;
use DateTimeZone;
use Eris\Generators;
use Eris\TestTrait;
use Moss\Core\Clock\ClockSpan;
use Moss\Core\Time\Minutes;
use Moss\Core\Timer\Rounding;
use Moss\Core\Timer\TimedDay;
use Moss\Core\Timer\TimerRun;
use Moss\Core\Timer\TimerRuns;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class TimerRunsTest extends TestCase
{
    use TestTrait;

    /** @param  list<array{string, string}>  $runs  in UTC */
    #[DataProvider('days')]
    public function test_runs_become_days(array $runs, string $zone, string $expected, Rounding $rounding = Rounding::Exact): void
    {
        $days = self::runs($runs)->byDay(new DateTimeImmutable('2027-01-01'), new DateTimeZone($zone), $rounding, Minutes::of(15));

        self::assertSame($expected, implode('; ', array_map(static fn (TimedDay $day): string => sprintf(
            '%s %d %s',
            $day->day->toString(),
            $day->minutes()->toInt(),
            implode(' ', array_map(static fn (ClockSpan $span): string => $span->toString(), $day->spans->spans)),
        ), $days)));
    }

    /** @return iterable<string, array{0: list<array{string, string}>, 1: string, 2: string, 3?: Rounding}> */
    public static function days(): iterable
    {
        yield 'a morning' => [[['2026-06-17 09:03:40', '2026-06-17 10:10:20']], 'UTC', '2026-06-17 67 09:03–10:10'];
        yield 'where the person is' => [[['2026-06-17 09:00:00', '2026-06-17 10:00:00']], 'Europe/Berlin', '2026-06-17 60 11:00–12:00'];
        yield 'with a pause' => [[['2026-06-17 09:00:00', '2026-06-17 12:00:00'], ['2026-06-17 12:30:00', '2026-06-17 13:00:00']], 'UTC', '2026-06-17 210 09:00–12:00 12:30–13:00'];
        yield 'rounded to the nearest, the last part shortened' => [[['2026-06-17 09:00:00', '2026-06-17 12:00:00'], ['2026-06-17 12:30:00', '2026-06-17 12:36:00']], 'UTC', '2026-06-17 180 09:00–12:00', Rounding::Nearest];
        yield 'rounded up' => [[['2026-06-17 09:00:00', '2026-06-17 10:01:00']], 'UTC', '2026-06-17 75 09:00–10:15', Rounding::Up];
        yield 'rounded up before midnight' => [[['2026-06-17 23:01:00', '2026-06-17 23:59:00']], 'UTC', '2026-06-17 60 23:00–24:00', Rounding::Up];
        yield 'across midnight' => [[['2026-06-17 22:30:00', '2026-06-18 01:15:00']], 'UTC', '2026-06-17 90 22:30–24:00; 2026-06-18 75 00:00–01:15'];
        yield 'across midnight, begun within a minute' => [[['2026-06-17 22:30:50', '2026-06-18 01:15:00']], 'UTC', '2026-06-17 89 22:31–24:00; 2026-06-18 75 00:00–01:15'];
        yield 'across midnight where the person is' => [[['2026-06-17 20:30:00', '2026-06-17 23:00:00']], 'Europe/Berlin', '2026-06-17 90 22:30–24:00; 2026-06-18 60 00:00–01:00'];
        yield 'over three days' => [[['2026-06-17 23:00:00', '2026-06-19 01:00:00']], 'UTC', '2026-06-17 60 23:00–24:00; 2026-06-18 1440 00:00–24:00; 2026-06-19 60 00:00–01:00'];
        yield 'while the clock goes forward' => [[['2026-03-29 00:30:00', '2026-03-29 01:30:00']], 'Europe/Berlin', '2026-03-29 60 01:30–02:00 03:00–03:30'];
        yield 'while the clock goes back' => [[['2026-10-24 23:30:00', '2026-10-25 01:30:00']], 'Europe/Berlin', '2026-10-25 120 01:30–03:00 02:00–02:30'];
        yield 'a night in which the clock goes back' => [[['2026-10-24 20:00:00', '2026-10-25 05:00:00']], 'Europe/Berlin', '2026-10-24 120 22:00–24:00; 2026-10-25 420 00:00–03:00 02:00–06:00'];
        yield 'many seconds make a minute' => [array_map(static fn (int $at): array => [sprintf('2026-06-17 09:%02d:00', $at), sprintf('2026-06-17 09:%02d:20', $at)], range(0, 8)), 'UTC', '2026-06-17 3 09:00–09:01 09:01–09:02 09:02–09:03'];
        yield 'half a minute is one' => [[['2026-06-17 09:00:00', '2026-06-17 09:00:30']], 'UTC', '2026-06-17 1 09:00–09:01'];
        yield 'less is none' => [[['2026-06-17 09:00:00', '2026-06-17 09:00:29']], 'UTC', ''];
        yield 'a clock that was put back measures nothing' => [[['2026-06-17 09:00:00', '2026-06-17 08:00:00']], 'UTC', ''];
    }

    public function test_what_still_runs_counts_up_to_now_and_may_have_been_forgotten(): void
    {
        $now = new DateTimeImmutable('2026-06-18 05:59:59');
        $runs = self::runs([['2026-06-17 18:00:00', '2026-06-17 19:00:00'], ['2026-06-17 20:00:00', null]]);

        self::assertSame([659, true, false], [$runs->elapsed($now)->toInt(), $runs->isRunning(), $runs->seemsForgotten($now)]);
        self::assertTrue($runs->seemsForgotten($now->modify('+1 second')));
        self::assertFalse(self::runs([['2026-06-17 06:00:00', '2026-06-17 20:00:00']])->seemsForgotten($now));
        self::assertFalse((new TimerRuns([]))->isRunning());
    }

    public function test_every_second_lies_on_the_day_that_the_clock_shows_then(): void
    {
        $zones = ['UTC', 'Europe/Berlin', 'America/St_Johns', 'Asia/Beirut', 'Pacific/Apia', 'Australia/Lord_Howe', 'America/Sao_Paulo'];
        $this->forAll(Generators::elements($zones), Generators::choose(0, 366 * 24 * 60), Generators::choose(1, 40 * 60))->then(static function (string $name, int $start, int $length): void {
            $zone = new DateTimeZone($name);
            $from = new DateTimeImmutable('2018-01-01 00:00:00 +'.$start.' minutes');
            $expected = [];
            // Minute by minute, with nothing but the date that the zone's clock shows.
            for ($minute = 0; $minute < $length; $minute++) {
                $date = $from->modify('+'.$minute.' minutes')->setTimezone($zone)->format('Y-m-d');
                $expected[$date] = ($expected[$date] ?? 0) + 1;
            }
            $days = (new TimerRuns([new TimerRun($from, $from->modify('+'.$length.' minutes'))]))->byDay($from, $zone, Rounding::Exact, null);
            $found = [];
            foreach ($days as $day) {
                $found[$day->day->toString()] = $day->minutes()->toInt();
            }
            self::assertSame(array_map(static fn (int $minutes): int => min(1440, $minutes), $expected), $found);
        });
    }

    /** @param  list<array{string, string|null}>  $runs */
    private static function runs(array $runs): TimerRuns
    {
        return new TimerRuns(array_map(static fn (array $run): TimerRun => new TimerRun(new DateTimeImmutable($run[0]), $run[1] === null ? null : new DateTimeImmutable($run[1])), $runs));
    }
}
