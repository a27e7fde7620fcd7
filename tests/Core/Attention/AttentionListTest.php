<?php

declare(strict_types=1);

namespace Tests\Core\Attention;

use Moss\Core\Attention\AttentionItem;
use Moss\Core\Attention\AttentionKind;
use Moss\Core\Attention\AttentionList;
use Moss\Core\Attention\Pace;
use Moss\Core\Attention\WatchedTask;
use Moss\Core\Calendar\Day;
use Moss\Core\Effort\Figures;
use Moss\Core\Money\Money;
use Moss\Core\Planning\Assignee;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Effort\EffortBuilder;

final class AttentionListTest extends TestCase
{
    private const TODAY = '2026-06-17';

    public function test_work_as_planned_asks_for_nothing(): void
    {
        self::assertSame([], self::kinds($this->remarks(self::task()->entry('ada', 12))));
    }

    public function test_a_forecast_above_the_plan_is_said_with_how_much_and_since_when(): void
    {
        $remarks = $this->remarks(self::task()->entry('ada', 46), overSince: '2026-06-14');

        self::assertSame([AttentionKind::OverPlan, AttentionKind::NotUpdated], self::kinds($remarks));
        self::assertSame([360, '2026-06-14', [7]], [$remarks[0]->minutes?->toInt(), $remarks[0]->day?->toString(), $remarks[0]->tasks]);
        self::assertSame(360, $remarks[1]->minutes?->toInt());
    }

    public function test_once_somebody_has_estimated_it_is_no_longer_not_updated(): void
    {
        $kinds = self::kinds($this->remarks(self::task()->entry('ada', 46)->estimated('ada', 4, '2026-06-12')));

        self::assertContains(AttentionKind::OverPlan, $kinds);
        self::assertNotContains(AttentionKind::NotUpdated, $kinds);
    }

    /** @param  list<array{int, string}>  $estimated  hours and day */
    #[DataProvider('words')]
    public function test_only_the_latest_estimate_counts_as_raised(array $estimated, ?int $grewBy): void
    {
        $task = self::task()->entry('ada', 20, '2026-06-09');
        foreach ($estimated as [$hours, $day]) {
            $task->estimated('ada', $hours, $day);
        }
        $up = array_values(array_filter($this->remarks($task), static fn (AttentionItem $remark): bool => $remark->kind === AttentionKind::EstimateRaised));

        self::assertSame($grewBy, ($up[0]->minutes ?? null)?->toInt());
    }

    /** @return iterable<string, array{list<array{int, string}>, int|null}> */
    public static function words(): iterable
    {
        yield 'none' => [[], null];
        yield 'more than the rule says' => [[[30, '2026-06-10']], 600];
        yield 'less than the rule says' => [[[10, '2026-06-10']], null];
        yield 'more, then less again' => [[[30, '2026-06-10'], [25, '2026-06-11']], null];
        yield 'less, then more' => [[[10, '2026-06-10'], [15, '2026-06-11']], 300];
    }

    public function test_an_estimate_given_before_the_work_is_compared_with_what_remained_then(): void
    {
        $task = self::task()->estimated('ada', 56, '2026-06-08')->entry('ada', 16, '2026-06-10');
        $up = $this->remarks($task)[1];

        self::assertSame([AttentionKind::EstimateRaised, 960, ['ada']], [$up->kind, $up->minutes?->toInt(), $up->people]);
    }

    public function test_work_under_way_that_nobody_records_on_goes_quiet_after_two_weeks(): void
    {
        foreach (['2026-06-03' => true, '2026-06-04' => false] as $last => $isQuiet) {
            self::assertSame($isQuiet, in_array(AttentionKind::NothingLately, self::kinds($this->remarks(self::task()->entry('ada', 12, $last), $last)), true));
        }
        self::assertNotContains(AttentionKind::NothingLately, self::kinds($this->remarks(self::task('2026-06-04'), null)), 'It began less than two weeks ago.');
        self::assertNotContains(AttentionKind::NothingLately, self::kinds($this->remarks(self::task()->estimated('ada', 0, '2026-06-02', true), null)), 'It is done.');
    }

    public function test_a_budget_that_is_gone_weighs_most(): void
    {
        $task = self::task()->budget('900.00')->rate('ada', null, '100')->entry('ada', 10);
        $remarks = $this->remarks($task);

        self::assertSame([AttentionKind::OverBudget, '100.00'], [$remarks[0]->kind, $remarks[0]->money?->toString()]);
    }

    public function test_a_budget_that_goes_before_the_work_ends_is_said_with_its_day(): void
    {
        $task = self::task()->budget('1500.00')->rate('ada', null, '100')->entry('ada', 10);

        $going = $this->remarks($task, spent: '1400.00')[0];
        self::assertSame([AttentionKind::BudgetGoing, '500.00', '2026-06-27'], [$going->kind, $going->money?->toString(), $going->day?->toString()]);
        self::assertSame([], $this->remarks($task, spent: '1000.00'), 'At that pace it lasts until the first of July.');
        self::assertSame([], $this->remarks($task, spent: '0.00'));
    }

    public function test_who_is_late_and_what_is_over_assigned_come_after_what_the_figures_say(): void
    {
        $task = self::task()->planned(30)->entry('ada', 12);
        $remarks = $this->remarks($task, late: ['bo', 'ada']);

        self::assertSame([AttentionKind::OverPlan, AttentionKind::NotSubmitted, AttentionKind::OverAssigned], self::kinds($remarks));
        self::assertSame([['bo', 'ada'], 600], [$remarks[1]->people, $remarks[2]->minutes?->toInt()]);
    }

    public function test_of_a_closed_project_only_what_it_came_to_is_said(): void
    {
        $task = self::task()->budget('900.00')->rate('ada', null, '100')->entry('ada', 46);

        self::assertSame([AttentionKind::OverBudget, AttentionKind::OverPlan], self::kinds($this->remarks($task, late: ['ada'], isOpen: false)));
        self::assertSame([], $this->remarks(self::task()->entry('ada', 12), '2026-06-01', isOpen: false));
    }

    public function test_of_many_tasks_the_heaviest_are_named_and_the_others_counted(): void
    {
        $watched = [];
        $whole = Figures::zero();
        foreach ([1 => 41, 2 => 45, 3 => 50, 4 => 42, 5 => 40] as $id => $hours) {
            $task = self::task()->entry('ada', $hours);
            $watched[] = new WatchedTask($id, $task->effort(), $task->figures(self::TODAY), Day::of('2026-06-10'));
            $whole = $whole->plus($task->figures(self::TODAY));
        }
        $remarks = AttentionList::of($whole, $watched, new Pace(Money::zero(), 28), [], Day::of(self::TODAY), null, null, true);

        self::assertSame([[3, 2, 4], 1, 18 * 60], [$remarks[0]->tasks, $remarks[0]->more, $remarks[0]->minutes?->toInt()]);
        self::assertSame([AttentionKind::NotUpdated, [3, 2, 4], 1], [$remarks[1]->kind, $remarks[1]->tasks, $remarks[1]->more]);
    }

    public function test_a_pace_says_on_which_day_money_is_gone(): void
    {
        $pace = new Pace(Money::of('1400.00'), 28);

        self::assertSame('2026-06-20', $pace->goneOn(Money::of('120.00'), Day::of(self::TODAY))?->toString());
        self::assertSame('2026-06-18', $pace->goneOn(Money::of('50.00'), Day::of(self::TODAY))?->toString());
        self::assertSame(self::TODAY, $pace->goneOn(Money::zero(), Day::of(self::TODAY))?->toString());
        self::assertNull((new Pace(Money::zero(), 28))->goneOn(Money::of('120.00'), Day::of(self::TODAY)));
    }

    private static function task(string $first = '2026-06-01'): EffortBuilder
    {
        return (new EffortBuilder())->assigned(Assignee::person('ada'), 40, $first);
    }

    /**
     * @param  list<string>  $late
     * @return list<AttentionItem>
     */
    private function remarks(EffortBuilder $task, ?string $lastRecorded = '2026-06-10', string $spent = '0.00', array $late = [], ?string $overSince = null, bool $isOpen = true): array
    {
        $figures = $task->figures(self::TODAY);
        $last = $lastRecorded === null ? null : Day::of($lastRecorded);

        return AttentionList::of(
            $figures, [new WatchedTask(7, $task->effort(), $figures, $last)], new Pace(Money::of($spent), 28), $late,
            Day::of(self::TODAY), Day::of('2026-06-30'), $overSince === null ? null : Day::of($overSince), $isOpen,
        );
    }

    /**
     * @param  list<AttentionItem>  $remarks
     * @return list<AttentionKind>
     */
    private static function kinds(array $remarks): array
    {
        return array_map(static fn (AttentionItem $remark): AttentionKind => $remark->kind, $remarks);
    }
}
