<?php

declare(strict_types=1);

namespace Tests\Core\Schedule;

use Moss\Core\Calendar\Day;
use Moss\Core\Schedule\Dependency;
use Moss\Core\Schedule\NotADependency;
use Moss\Core\Schedule\Push;
use Moss\Core\Schedule\Pushes;
use Moss\Core\Schedule\Schedule;
use Moss\Core\Schedule\ScheduleComparison;
use Moss\Core\Schedule\ScheduleDifference;
use Moss\Core\Schedule\ScheduledTask;
use Moss\Core\Schedule\ScheduledWork;
use Moss\Core\Time\Minutes;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class ScheduleTest extends TestCase
{
    #[TestWith(['PILES', 'PILES'])]
    #[TestWith(['PILES FS', 'PILES'])]
    #[TestWith(['PILES FS+2d', 'PILES FS+2d'])]
    #[TestWith(['PILES+2', 'PILES FS+2d'])]
    #[TestWith([' piles.1 ss -3d ', 'piles.1 SS-3d'])]
    public function test_a_dependency_is_read_and_printed(string $text, string $printed): void
    {
        self::assertSame($printed, Dependency::read($text)->toString());
        self::assertSame($printed, Dependency::read($printed)->toString());
    }

    #[TestWith([''])]
    #[TestWith(['PILES XX'])]
    #[TestWith(['PILES FS+9999d'])]
    #[TestWith(['two words FS'])]
    public function test_what_is_no_dependency_is_refused(string $text): void
    {
        $this->expectException(NotADependency::class);
        Dependency::read($text);
    }

    public function test_what_a_task_pushes_is_said_down_the_line(): void
    {
        // Piles end two days later than decking begins; railing waits for decking, paint begins with railing, and the party is free.
        $tasks = [
            self::task('PAINT', '2026-06-25', '2026-06-26', 'RAIL SS+1d'),
            self::task('PILES', '2026-06-15', '2026-06-19'),
            self::task('DECK', '2026-06-18', '2026-06-22', 'PILES'),
            self::task('RAIL', '2026-06-24', '2026-06-25', 'DECK; PILES'),
            self::task('PARTY', '2026-07-01', '2026-07-01', 'RAIL'),
        ];
        self::assertEquals([new Push('DECK', 'PILES', 2), new Push('RAIL', 'DECK', 1), new Push('PAINT', 'RAIL', 1)], Pushes::of($tasks));
        self::assertEquals([new Push('B', 'A', 4)], Pushes::of([self::task('A', '2026-06-15', '2026-06-19'), self::task('B', '2026-06-10', '2026-06-15', 'A FF')]));
        // In a circle nothing can be said.
        self::assertSame([], Pushes::of([self::task('A', '2026-06-15', '2026-06-19', 'B'), self::task('B', '2026-06-15', '2026-06-19', 'A')]));
    }

    public function test_a_file_is_compared_with_the_plan_and_with_what_was_recorded(): void
    {
        $plan = new Schedule(
            ['A' => self::task('A', '2026-06-15', '2026-06-19'), 'B' => self::task('B', '2026-06-15', '2026-06-19'), 'C' => self::task('C', '', ''), 'D' => self::task('D', '', '')],
            self::keyed(self::work('A', 'person:ada', ['2026-06-15' => 480]), self::work('A', 'person:bo', ['2026-06-16' => 60]), self::work('B', 'person:ada', ['2026-06-17' => 480, '2026-06-18' => 480]), self::work('C', 'team:field', ['2026-06-17' => 60])),
        );
        $file = new Schedule(
            ['A' => self::task('A', '2026-06-15', '2026-06-26'), 'B' => self::task('B', '2026-06-15', '2026-06-19'), 'N' => self::task('N', '2026-07-01', '2026-07-02')],
            self::keyed(self::work('A', 'person:ada', ['2026-06-15' => 480]), self::work('B', 'person:ada', ['2026-06-17' => 60]), self::work('N', 'person:bo', ['2026-07-01' => 30])),
        );
        $found = (new ScheduleComparison($file, $plan, ['name', 'starts_on', 'ends_on'], ['B person:ada' => [120, '2026-06-17'], 'B' => [120, '2026-06-17'], 'A person:bo' => [30, '2026-06-16'], 'A' => [30, '2026-06-16']]))->differences();
        self::assertSame([
            'task A' => 'changed', 'work A person:ada' => 'same', 'task B' => 'same', 'work B person:ada' => 'changed below recorded', 'task N' => 'new', 'work N person:bo' => 'new',
            'work A person:bo' => 'gone recorded', 'work C team:field' => 'gone', 'task C' => 'gone', 'task D' => 'gone',
        ], array_combine(array_map(static fn (ScheduleDifference $one): string => $one->key, $found), array_map(static fn (ScheduleDifference $one): string => trim($one->outcome->value.' '.($one->conflict->value ?? '')), $found)));
        self::assertSame(['ends_on' => ['2026-06-19', '2026-06-26']], $found[0]->changes);
        self::assertSame(['planned' => ['960', '60'], 'ends_on' => ['2026-06-18', '2026-06-17'], 'days' => ['2', '1']], $found[3]->changes);
    }

    private static function task(string $code, string $starts, string $ends, string $after = ''): ScheduledTask
    {
        return new ScheduledTask($code, 'Task '.$code, '', '', false, Dependency::readAll($after), $starts === '' ? null : Day::of($starts), $ends === '' ? null : Day::of($ends), null);
    }

    /** @param  array<string, int>  $byDay */
    private static function work(string $task, string $assignee, array $byDay): ScheduledWork
    {
        return new ScheduledWork($task, $assignee, '', [], array_filter($byDay, static fn (int $minutes): bool => Minutes::of($minutes)->toInt() > 0));
    }

    /** @return array<string, ScheduledWork> */
    private static function keyed(ScheduledWork ...$all): array
    {
        return array_combine(array_map(static fn (ScheduledWork $work): string => $work->key(), $all), $all);
    }
}
