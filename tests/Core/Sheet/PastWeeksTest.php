<?php

declare(strict_types=1);

namespace Tests\Core\Sheet;

use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Week;
use Moss\Core\Sheet\Line;
use Moss\Core\Sheet\PastLine;
use Moss\Core\Sheet\PastWeeks;
use Moss\Core\Sheet\TaskEntry;
use Moss\Core\Time\Minutes;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The week to be pencilled is week 25 of 2026, from 15 June; the six before it end with week 24. */
final class PastWeeksTest extends TestCase
{
    /**
     * @param  list<int>  $mondays  minutes on the Mondays of weeks 19 to 24
     */
    #[DataProvider('medians')]
    public function test_the_usual_week_is_the_median_to_the_nearest_quarter(array $mondays, ?int $expected): void
    {
        $entries = [];
        foreach ($mondays as $index => $minutes) {
            if ($minutes !== 0) {
                $entries[] = self::entry('A', Week::of('2026-W19')->plusWeeks($index)->monday()->toString(), $minutes);
            }
        }
        $lines = PastWeeks::of($entries)->usualWeek(Week::of('2026-W25'), Week::of('2026-W24'));

        self::assertSame($expected === null ? [] : ['A' => ['2026-06-15' => $expected]], self::told($lines));
    }

    /** @return iterable<string, array{list<int>, int|null}> */
    public static function medians(): iterable
    {
        yield 'the same every week' => [[120, 120, 120, 120, 120, 120], 120];
        yield 'an outlier does not count' => [[120, 120, 120, 120, 120, 1440], 120];
        yield 'in half of the weeks' => [[0, 0, 0, 120, 120, 120], 60];
        yield 'in less than half of them' => [[0, 0, 0, 0, 480, 480], null];
        yield 'between two' => [[60, 60, 60, 90, 90, 90], 75];
        yield 'half a quarter is rounded up' => [[0, 0, 0, 15, 15, 15], 15];
        yield 'less is rounded down' => [[0, 0, 0, 14, 14, 14], null];
        yield 'one past the boundary' => [[52, 52, 52, 53, 53, 53], 60];
        yield 'below it' => [[52, 52, 52, 52, 52, 52], 45];
        yield 'a correction below zero' => [[-60, -60, -60, -60, -60, -60], null];
        yield 'nothing at all' => [[0, 0, 0, 0, 0, 0], null];
    }

    public function test_only_the_six_full_weeks_count(): void
    {
        $entries = [];
        foreach (['2026-05-03', '2026-06-15', '2026-06-21', '2026-06-22'] as $day) {
            $entries[] = self::entry('A', $day, 480);
        }

        self::assertSame([], self::told(PastWeeks::of($entries)->usualWeek(Week::of('2026-W25'), Week::of('2026-W24'))));
    }

    public function test_last_week_lends_each_day_to_the_same_weekday(): void
    {
        $past = PastWeeks::of([self::entry('B', '2026-06-14', 30), self::entry('A', '2026-06-08', 60), self::entry('A', '2026-06-08', 15), self::entry('A', '2026-06-07', 60)]);
        $lines = $past->lastWeek(Week::of('2026-W25'));

        self::assertSame(['A' => ['2026-06-15' => 75], 'B' => ['2026-06-21' => 30]], self::told($lines));
        self::assertSame('2026-06-08', $lines[0]->from->first()->toString());
    }

    public function test_codes_of_digits_and_roles_are_lines_of_their_own(): void
    {
        $entries = [self::entry('10', '2026-06-08', 60), self::entry('9', '2026-06-08', 30), new TaskEntry(new Line('P', '9', 'r'), Day::of('2026-06-08'), Minutes::of(45))];

        self::assertSame(
            [['10', null], ['9', null], ['9', 'r']],
            array_map(static fn (PastLine $line): array => [$line->line->task, $line->line->role], PastWeeks::of($entries)->lastWeek(Week::of('2026-W25'))),
        );
    }

    private static function entry(string $task, string $day, int $minutes): TaskEntry
    {
        return new TaskEntry(new Line('P', $task, null), Day::of($day), Minutes::of($minutes));
    }

    /**
     * @param  list<PastLine>  $lines
     * @return array<array-key, array<string, int>> minutes by task and day
     */
    private static function told(array $lines): array
    {
        $told = [];
        foreach ($lines as $line) {
            $told[$line->line->task] = array_map(static fn (Minutes $minutes): int => $minutes->toInt(), $line->hours);
        }

        return $told;
    }
}
