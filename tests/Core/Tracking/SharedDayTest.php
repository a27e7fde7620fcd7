<?php

declare(strict_types=1);

namespace Tests\Core\Tracking;

use Moss\Core\Tracking\SharedDay;
use Moss\Core\Tracking\SharedTime;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class SharedDayTest extends TestCase
{
    public function test_what_was_logged_there_is_added_here_and_the_other_way_round(): void
    {
        $day = (new SharedDay(60, [new SharedTime(1, 90, 60, true, false)]))->accepting(false);
        self::assertSame(30, $day->growth());
        self::assertSame([], $day->grown()->changesThere());
        // Half an hour more here and there each: an hour more on both.
        $both = new SharedDay(90, [new SharedTime(1, 90, 60, true, false)]);
        self::assertSame(120, $both->grown()->entered);
        self::assertSame([0 => 30], $both->grown()->changesThere());
        // Ours there is made longer.
        self::assertSame([2 => 45], (new SharedDay(105, [new SharedTime(1, 60, 60, true, false), new SharedTime(2, 0, 0, true, true)]))->changesThere());
    }

    public function test_less_here_shortens_ours_there_first_and_then_what_came_last(): void
    {
        $times = [new SharedTime(1, 60, 60, true, false), new SharedTime(2, 60, 60, true, false), new SharedTime(3, 30, 30, true, true)];
        self::assertSame([3 => 10], (new SharedDay(130, $times))->changesThere());
        self::assertSame([3 => 0, 2 => 20], (new SharedDay(80, $times))->changesThere());
        self::assertSame([3 => 0, 2 => 0, 1 => 0], (new SharedDay(0, $times))->changesThere());
        self::assertSame([], (new SharedDay(150, $times))->changesThere());
    }

    public function test_what_was_deleted_on_both_sides_is_deleted_once(): void
    {
        $day = new SharedDay(0, [new SharedTime(1, 0, 60, true, false)]);
        self::assertSame([0, 0, []], [$day->growth(), $day->grown()->entered, $day->grown()->changesThere()]);
    }

    public function test_what_is_pencilled_waits_until_something_is_entered_over_it(): void
    {
        $pencilled = [new SharedTime(1, 60, 0, false, false)];
        self::assertSame([0, []], [(new SharedDay(0, $pencilled))->accepting(true)->growth(), (new SharedDay(0, $pencilled))->accepting(true)->changesThere()]);
        // Inked as it was: equal. Inked as less: that is what holds.
        self::assertSame([0, []], [(new SharedDay(60, $pencilled))->accepting(true)->growth(), (new SharedDay(60, $pencilled))->accepting(true)->changesThere()]);
        self::assertSame([1 => 45], (new SharedDay(45, $pencilled))->accepting(true)->changesThere());
        // In ink at once, for whoever wants that.
        self::assertSame(60, (new SharedDay(0, $pencilled))->accepting(false)->growth());
    }

    public function test_both_sides_end_equal_whatever_they_had(): void
    {
        $random = new Randomizer(new Mt19937(18));
        for ($case = 0; $case < 2000; $case++) {
            $times = [];
            for ($id = 1; $id <= $random->getInt(0, 4); $id++) {
                $times[] = new SharedTime($id, 5 * $random->getInt(0, 30), 5 * $random->getInt(0, 30), true, $id === 1 && $random->getInt(0, 1) === 1);
            }
            $day = new SharedDay(5 * $random->getInt(0, 60), $times);
            $grown = $day->accepting(false)->grown();
            $changes = $grown->changesThere();
            $there = $changes[0] ?? 0;
            foreach ($times as $time) {
                $there += $changes[$time->id] ?? $time->there;
            }
            self::assertSame($grown->entered, $there);
            self::assertSame([], array_filter($changes, static fn (int $minutes): bool => $minutes < 0));
            // Nothing is left to do.
            $after = array_map(static fn (SharedTime $time): SharedTime => (new SharedTime($time->id, $changes[$time->id] ?? $time->there, 0, true, $time->isOurs))->counted(), $times);
            $last = new SharedDay($grown->entered, isset($changes[0]) ? [...$after, (new SharedTime(99, $changes[0], 0, true, true))->counted()] : $after);
            self::assertSame([0, []], [$last->growth(), $last->changesThere()]);
        }
    }
}
