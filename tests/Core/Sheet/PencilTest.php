<?php

declare(strict_types=1);

namespace Tests\Core\Sheet;

use Eris\Generators;
use Eris\TestTrait;
use Moss\Core\Calendar\Absence;
use Moss\Core\Calendar\Capacity;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\Employment;
use Moss\Core\Calendar\ExpectedHours;
use Moss\Core\Calendar\HolidayCalendar;
use Moss\Core\Calendar\Week;
use Moss\Core\Calendar\WorkPattern;
use Moss\Core\Clock\ClockSpan;
use Moss\Core\Clock\DaySpans;
use Moss\Core\Planning\Assignee;
use Moss\Core\Planning\Assignment;
use Moss\Core\Sheet\Line;
use Moss\Core\Sheet\PastLine;
use Moss\Core\Sheet\Pencil;
use Moss\Core\Sheet\PencilSource;
use Moss\Core\Sheet\PlannedLine;
use Moss\Core\Sheet\Proposal;
use Moss\Core\Sheet\TaskEntry;
use Moss\Core\Sheet\TimedLine;
use Moss\Core\Time\Minutes;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PencilTest extends TestCase
{
    use TestTrait;

    public function test_what_was_measured_stands_as_it_is_and_leaves_less_for_the_plan(): void
    {
        $week = Week::of('2026-W25');
        $planned = self::line('FIT', 16, '2026-06-15', '2026-06-16');
        $timed = new TimedLine(new Line('P', 'TALK', null), PencilSource::Timer, ['2026-06-15' => self::spans('9-10:30'), '2026-06-16' => self::spans('8-18')]);
        $same = new TimedLine($planned->line, PencilSource::Timer, ['2026-06-15' => self::spans('9-9:30')]);

        self::assertSame(['1 TALK 90 timer', '1 FIT 390 plan', '2 TALK 600 timer'], self::sources((new Pencil(self::expected([]), [$planned], [], [], [$timed]))->over($week->days())));
        // Nothing comes on top of it in its own cell, and it counts towards what remains.
        self::assertSame(['1 FIT 30 timer', '2 FIT 480 plan'], self::sources((new Pencil(self::expected([]), [$planned], [], [], [$same]))->over($week->days())));
    }

    private static function spans(string $text): DaySpans
    {
        return DaySpans::of([ClockSpan::read($text)]);
    }

    /**
     * @param  list<Proposal>  $proposals
     * @return list<string>
     */
    private static function sources(array $proposals): array
    {
        return array_map(static fn (Proposal $proposal): string => $proposal->day->weekday().' '.$proposal->line()->task.' '.$proposal->minutes->toInt().' '.$proposal->from()->value, $proposals);
    }

    /**
     * @param  list<PlannedLine>  $lines
     * @param  list<TaskEntry>  $entries
     * @param  list<string>  $expected  weekday, task and minutes
     * @param  list<Absence>  $absences
     */
    #[DataProvider('weeks')]
    public function test_hours_are_pencilled_from_the_plan(array $lines, array $entries, array $expected, array $absences = []): void
    {
        $proposals = (new Pencil(self::expected($absences), $lines, $entries))->over(Week::of('2026-W25')->days());

        self::assertSame($expected, array_map(static fn (Proposal $proposal): string => sprintf(
            '%d %s%s %d',
            $proposal->day->weekday(),
            $proposal->line()->task,
            $proposal->line()->role === null ? '' : '/'.$proposal->line()->role,
            $proposal->minutes->toInt(),
        ), $proposals));
    }

    /** @return iterable<string, array{0: list<PlannedLine>, 1: list<TaskEntry>, 2: list<string>, 3?: list<Absence>}> */
    public static function weeks(): iterable
    {
        $twoDays = self::line('A', 16, '2026-06-15', '2026-06-16');
        yield '16 h over two days are 8 and 8' => [[$twoDays], [], ['1 A 480', '2 A 480']];
        yield 'less what is entered on the line that day' => [[$twoDays], [self::entry('A', '2026-06-15', 90)], ['1 A 390', '2 A 480']];
        yield 'less what is entered on the day at all' => [[$twoDays], [self::entry('B', '2026-06-16', 400)], ['1 A 480', '2 A 80']];
        yield 'nothing where more is entered than the plan has' => [[$twoDays], [self::entry('A', '2026-06-15', 500)], ['2 A 480']];
        yield 'no more than remains on the task' => [[self::line('A', 16, '2026-06-15', '2026-06-16', 600)], [], ['1 A 480', '2 A 120']];
        yield 'remaining is shared by lines of one task' => [
            [self::line('A', 8, '2026-06-15', '2026-06-16', 300, 'a'), self::line('A', 8, '2026-06-15', '2026-06-16', 300, 'b')], [], ['1 A/a 240', '1 A/b 60'],
        ];
        yield 'no more than is expected, the earlier end first, then project, task and role' => [
            [self::line('B', 8, '2026-06-15', '2026-06-16', 480), self::line('C', 5, '2026-06-15', '2026-06-15', 300), self::line('A', 8, '2026-06-15', '2026-06-16', 480)],
            [], ['1 C 300', '1 A 180', '2 A 240', '2 B 240'],
        ];
        yield 'an absence leaves less' => [[$twoDays], [], ['1 A 240', '2 A 480'], [new Absence(Day::of('2026-06-15'), Minutes::of(240))]];
        yield 'codes of digits are no numbers' => [
            [self::line('10', 1, '2026-06-15', '2026-06-15', 60), self::line('9', 1, '2026-06-15', '2026-06-15', 60)], [], ['1 10 60', '1 9 60'],
        ];
        yield 'no assignment, no pencil' => [[], [], []];
        yield 'a plan elsewhere in time' => [[self::line('A', 16, '2026-07-15', '2026-07-16')], [], []];
    }

    public function test_what_is_pencilled_never_exceeds_what_is_expected_or_what_remains(): void
    {
        $amount = Generators::choose(0, 3000);
        $this->forAll(Generators::vector(4, $amount), Generators::vector(7, Generators::choose(0, 700)))->then(
            static function (array $planned, array $entered): void {
                $lines = [];
                foreach ($planned as $index => $minutes) {
                    $lines[] = self::line('T'.((int) $index % 2), is_int($minutes) ? intdiv($minutes, 60) : 0, '2026-06-1'.(5 + (int) $index), '2026-06-21', 900, 'r'.$index);
                }
                $entries = [];
                foreach (array_values($entered) as $index => $minutes) {
                    $entries[] = self::entry('T0', Day::of('2026-06-15')->plusDays($index)->toString(), is_int($minutes) ? $minutes : 0);
                }
                // The past says 9 h a day for a task that the plan knows, for one with little left, and for one without end.
                $past = [];
                foreach (['T0' => 900, 'T2' => 100, 'T3' => null] as $task => $remaining) {
                    $hours = [];
                    foreach (Week::of('2026-W25')->days() as $day) {
                        $hours[$day->toString()] = Minutes::of(540);
                    }
                    $past[] = new PastLine(new Line('P', $task, null), PencilSource::UsualWeek, $hours, Week::of('2026-W24')->days(), $remaining === null ? null : Minutes::of($remaining));
                }
                $expected = self::expected([]);
                $onDay = [];
                $onTask = [];
                foreach ((new Pencil($expected, $lines, $entries, $past))->over(Week::of('2026-W25')->days()) as $proposal) {
                    $onDay[$proposal->day->toString()] = ($onDay[$proposal->day->toString()] ?? 0) + $proposal->minutes->toInt();
                    $onTask[$proposal->line()->task] = ($onTask[$proposal->line()->task] ?? 0) + $proposal->minutes->toInt();
                    self::assertGreaterThan(0, $proposal->minutes->toInt());
                }
                foreach ($onDay as $date => $minutes) {
                    $index = Day::of('2026-06-15')->daysUntil(Day::of($date));
                    self::assertLessThanOrEqual($expected->on(Day::of($date))->toInt() - $entries[$index]->minutes->toInt(), $minutes);
                }
                foreach (['T0' => 900, 'T1' => 900, 'T2' => 100] as $task => $remaining) {
                    self::assertLessThanOrEqual($remaining, $onTask[$task] ?? 0);
                }
            },
        );
    }

    public function test_the_past_fills_what_the_plan_leaves_in_empty_cells_of_other_lines(): void
    {
        $past = static fn (string $task, PencilSource $source, int $minutes): PastLine => new PastLine(
            new Line('P', $task, null), $source, ['2026-06-15' => Minutes::of($minutes), '2026-06-16' => Minutes::of($minutes)], Week::of('2026-W24')->days(),
        );
        $proposals = (new Pencil(
            self::expected([]),
            [self::line('A', 6, '2026-06-15', '2026-06-15')],
            [self::entry('B', '2026-06-16', 60)],
            [
                $past('A', PencilSource::LastWeek, 480), $past('B', PencilSource::LastWeek, 90),
                $past('B', PencilSource::UsualWeek, 30), $past('C', PencilSource::UsualWeek, 200),
            ],
        ))->over(Week::of('2026-W25')->days());

        self::assertSame(
            ['1 A plan 360', '1 B last week 90', '1 C usual week 30', '2 C usual week 200'],
            array_map(static fn (Proposal $proposal): string => implode(' ', [
                $proposal->day->weekday(), $proposal->line()->task, $proposal->from()->value, $proposal->minutes->toInt(),
            ]), $proposals),
        );
    }

    private static function line(string $task, int $hours, string $first, string $last, int $remaining = 100_000, ?string $role = null): PlannedLine
    {
        $days = DayRange::between(Day::of($first), Day::of($last));
        $capacity = new Capacity(WorkPattern::standard(), HolidayCalendar::empty());

        return new PlannedLine('P', $task, new Assignment(Assignee::person('ada'), $role, Minutes::ofHours($hours), $days), Minutes::of($remaining), $capacity);
    }

    private static function entry(string $task, string $day, int $minutes): TaskEntry
    {
        return new TaskEntry(new Line('P', $task, null), Day::of($day), Minutes::of($minutes));
    }

    /** @param  list<Absence>  $absences */
    private static function expected(array $absences): ExpectedHours
    {
        return ExpectedHours::of(new Capacity(WorkPattern::standard(), HolidayCalendar::empty()), new Employment(null, null), $absences);
    }
}
