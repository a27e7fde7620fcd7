<?php

declare(strict_types=1);

namespace Tests\Core\Effort;

use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Effort\AssigneeEffort;
use Moss\Core\Effort\RecordedEffort;
use Moss\Core\Effort\RemainingEstimate;
use Moss\Core\Planning\Assignee;
use Moss\Core\Planning\Assignment;
use Moss\Core\Time\Minutes;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class AssigneeEffortTest extends TestCase
{
    /** @param  list<array{string, int, bool}>  $estimated  day, minutes, done */
    #[DataProvider('assigneeEfforts')]
    public function test_what_remains_and_what_is_over_are_two_sides_of_one_balance(int $planned, int $entered, array $estimated, int $remaining, int $over): void
    {
        $assignment = new Assignment(
            Assignee::person('ada'), null, Minutes::of($planned), DayRange::between(Day::of('2026-06-15'), Day::of('2026-06-19')),
        );
        $entries = $entered === 0 ? [] : [RecordedEffort::unpriced('ada', null, Day::of('2026-06-16'), Minutes::of($entered))];
        $estimates = array_map(static fn (array $one): RemainingEstimate => new RemainingEstimate('ada', null, Day::of($one[0]), Minutes::of($one[1]), $one[2]), $estimated);
        $assigneeEffort = new AssigneeEffort($assignment->assignee, [$assignment], $entries, $estimates);

        self::assertSame([$remaining, $over], [$assigneeEffort->remaining()->toInt(), $assigneeEffort->over()->toInt()]);
    }

    /** @return iterable<string, array{int, int, list<array{string, int, bool}>, int, int}> */
    public static function assigneeEfforts(): iterable
    {
        yield 'some left' => [480, 120, [], 360, 0];
        yield 'exactly used up' => [480, 480, [], 0, 0];
        yield 'one minute more' => [480, 481, [], 0, 1];
        yield 'estimated, and less since' => [480, 120, [['2026-06-15', 180, false]], 60, 0];
        yield 'estimated, and more since' => [480, 200, [['2026-06-15', 180, false]], 0, 20];
        yield 'estimated on the day itself, with its entries known' => [480, 200, [['2026-06-16', 180, false]], 180, 0];
        yield 'said done, and more since' => [480, 60, [['2026-06-15', 0, true]], 0, 60];
        yield 'said done, and corrected downwards since' => [480, -120, [['2026-06-15', 0, true]], 0, 0];
        yield 'said done, then not after all' => [480, 60, [['2026-06-15', 0, true], ['2026-06-15', 90, false]], 30, 0];
        yield 'said done, and nothing since' => [480, 60, [['2026-06-16', 0, true]], 0, 0];
    }
}
