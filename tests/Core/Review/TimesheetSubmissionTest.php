<?php

declare(strict_types=1);

namespace Tests\Core\Review;

use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\TimesheetPeriod;
use Moss\Core\Calendar\Week;
use Moss\Core\Review\TimesheetSubmission;
use Moss\Core\Time\Minutes;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class TimesheetSubmissionTest extends TestCase
{
    #[DataProvider('weeks')]
    public function test_a_week_is_submitted_when_nothing_is_left_to_submit(int $expected, int $draft, int $returned, int $submitted, bool $isDone, int $missing): void
    {
        $week = new TimesheetSubmission(Minutes::of($expected), Minutes::of($draft), Minutes::of($returned), Minutes::of($submitted));

        self::assertSame([$isDone, $missing], [$week->isDone(), $week->missing()->toInt()]);
    }

    /** @return iterable<string, array{int, int, int, int, bool, int}> */
    public static function weeks(): iterable
    {
        yield 'all of it' => [2400, 0, 0, 2400, true, 0];
        yield 'less than expected, but all that there is' => [2400, 0, 0, 60, true, 2340];
        yield 'more than expected' => [2400, 0, 0, 2460, true, 0];
        yield 'nothing at all' => [2400, 0, 0, 0, false, 2400];
        yield 'nothing, and nothing expected' => [0, 0, 0, 0, true, 0];
        yield 'one minute of draft' => [2400, 1, 0, 2399, false, 0];
        yield 'one minute returned' => [2400, 0, 1, 2399, false, 0];
        yield 'a draft where nothing is expected' => [0, 60, 0, 0, false, 0];
        yield 'only a difference was posted' => [2400, 0, 0, -60, false, 2460];
    }

    public function test_it_is_due_so_many_days_after_its_last(): void
    {
        self::assertSame('2026-06-21', TimesheetSubmission::dueOn(Week::of('2026-W25')->days(), 0)->toString());
        self::assertSame('2026-06-22', TimesheetSubmission::dueOn(Week::of('2026-W25')->days(), 1)->toString());
        self::assertSame('2026-07-01', TimesheetSubmission::dueOn(TimesheetPeriod::Month->containing(Day::of('2026-06-10')), 1)->toString());
    }
}
