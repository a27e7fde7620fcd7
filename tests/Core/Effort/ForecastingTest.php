<?php

declare(strict_types=1);

namespace Tests\Core\Effort;

use Eris\Generators;
use Eris\TestTrait;
use Moss\Core\Effort\AssigneeFigures;
use Moss\Core\Effort\Figures;
use Moss\Core\Planning\Assignee;
use Moss\Core\Sheet\EntryState;
use Moss\Core\Time\Minutes;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ForecastingTest extends TestCase
{
    use TestTrait;

    #[DataProvider('examples')]
    public function test_remaining_forecast_and_variance(EffortBuilder $task, int $remaining, int $forecast, int $variance, ?string $percentage): void
    {
        $figures = $task->figures();

        self::assertSame($remaining * 60, $figures->remaining->toInt());
        self::assertSame($forecast * 60, $figures->forecast()->toInt());
        self::assertSame($variance * 60, $figures->variance()->toInt());
        self::assertSame($percentage, $figures->variancePercentage()?->__toString());
    }

    /** @return iterable<string, array{EffortBuilder, int, int, int, string|null}> */
    public static function examples(): iterable
    {
        yield 'on plan' => [self::ada(40)->entry('ada', 12), 28, 40, 0, '0.0'];
        yield 'entered more than planned' => [self::ada(40)->entry('ada', 46), 0, 46, 6, '15.0'];
        yield 'estimate raised' => [self::ada(160)->entry('ada', 116)->estimated('ada', 44, '2026-06-08')->estimated('ada', 56, '2026-06-10'), 56, 172, 12, '7.5'];
        yield 'worked since the remaining estimate' => [self::ada(160)->entry('ada', 116)->estimated('ada', 56, '2026-06-10')->entry('ada', 8, '2026-06-11'), 48, 172, 12, '7.5'];
        yield 'done early' => [self::ada(40)->entry('ada', 20)->estimated('ada', 0, '2026-06-10', true), 0, 20, -20, '-50.0'];
        yield 'nothing entered' => [self::ada(40), 40, 40, 0, '0.0'];
        yield 'nothing planned' => [self::ada(0)->entry('ada', 3), 0, 3, 3, null];
        yield 'every state counts as entered' => [self::ada(40)->entry('ada', 1)->entry('ada', 2, state: EntryState::Draft)->entry('ada', 3, state: EntryState::Submitted)->entry('ada', 4, state: EntryState::Returned)->entry('ada', 5, state: EntryState::Settled), 25, 40, 0, '0.0'];
        yield 'more worked since than was left' => [self::ada(40)->estimated('ada', 4, '2026-06-09')->entry('ada', 6), 0, 6, -34, '-85.0'];
        yield 'an entry on the day of the remaining estimate is in it' => [self::ada(40)->estimated('ada', 4, '2026-06-10')->entry('ada', 6), 4, 10, -30, '-75.0'];
        yield 'the later of two on one day counts' => [self::ada(40)->estimated('ada', 4, '2026-06-10')->estimated('ada', 9, '2026-06-10'), 9, 9, -31, '-77.5'];
        yield 'an older one said later does not' => [self::ada(40)->estimated('ada', 4, '2026-06-10')->estimated('ada', 9, '2026-06-09'), 4, 4, -36, '-90.0'];
        yield 'taken up again after done' => [self::ada(40)->estimated('ada', 0, '2026-06-09', true)->estimated('ada', 5, '2026-06-10'), 5, 5, -35, '-87.5'];
        yield 'a done task has nothing left anywhere' => [self::ada(40)->planned(60)->entry('ada', 10)->doneOn('2026-06-12'), 0, 10, -50, '-83.3'];
        yield 'unassigned hours remain too' => [self::ada(40)->planned(60)->entry('ada', 10), 50, 60, 0, '0.0'];
        yield 'all assignees done is the task done, unassigned hours too' => [self::ada(40)->planned(60)->estimated('ada', 0, '2026-06-09', true), 0, 0, -60, '-100.0'];
        yield 'entries without an assignee draw on the unassigned hours' => [self::ada(40)->planned(60)->entry('bo', 15), 45, 60, 0, '0.0'];
        yield 'and go no lower than nothing' => [self::ada(40)->planned(60)->entry('bo', 25), 40, 65, 5, '8.3'];
        yield 'over-assigned: the plan of the task stands' => [self::ada(40)->planned(30), 40, 40, 10, '33.3'];
        yield 'no assignment at all' => [(new EffortBuilder)->planned(8)->entry('bo', 3), 5, 8, 0, '0.0'];
    }

    public function test_half_a_tenth_of_a_percent_is_rounded_away_from_zero(): void
    {
        self::assertSame('0.3', self::ada(400)->entry('ada', 401)->figures()->variancePercentage()?->__toString());
        self::assertSame('-0.3', self::ada(400)->entry('ada', 399)->estimated('ada', 0, '2026-06-10')->figures()->variancePercentage()?->__toString());
    }

    public function test_entries_go_to_the_own_assignment_else_to_the_teams_else_to_nobody_s(): void
    {
        $parts = self::ada(10)->planned(100)->assigned(Assignee::team('field'), 20)
            ->entry('ada', 1, team: 'field')->entry('bo', 2, team: 'field')->entry('cy', 3, team: 'office')
            ->estimated('bo', 7, '2026-06-12', team: 'field')
            ->assignees();

        self::assertSame(
            ['ada' => [60, 540], 'field' => [120, 420], 'nobody' => [180, 4020]],
            array_combine(
                array_map(static fn (AssigneeFigures $part): string => $part->assignee->code ?? 'nobody', $parts),
                array_map(static fn (AssigneeFigures $part): array => [$part->figures->entered()->toInt(), $part->figures->remaining->toInt()], $parts),
            ),
        );
    }

    public function test_several_assignments_of_one_person_count_together(): void
    {
        $parts = self::ada(10)->assigned(Assignee::person('ada'), 6, role: 'senior')->entry('ada', 9)->assignees();

        self::assertCount(1, $parts);
        self::assertSame(420, $parts[0]->figures->remaining->toInt());
    }

    public function test_a_person_and_a_team_of_the_same_code_are_two_assignees(): void
    {
        $parts = self::ada(10)->assigned(Assignee::team('ada'), 6)->assignees();

        self::assertSame([600, 360], array_map(static fn (AssigneeFigures $part): int => $part->figures->planned->toInt(), $parts));
    }

    public function test_costs_of_plan_actuals_and_forecast(): void
    {
        $figures = (new EffortBuilder)->budget('2000')
            ->rate('ada', null, '100')->rate('ada', null, '110', '2026-06-20')->rate('ada', 'senior', '150')
            ->assigned(Assignee::person('ada'), 10, '2026-06-01', '2026-06-19')
            ->assigned(Assignee::person('ada'), 4, '2026-06-10', '2026-06-19', 'senior')
            ->entry('ada', 3)->entry('ada', 1, state: EntryState::Submitted, role: 'senior')->entry('bo', 2)
            ->figures();

        self::assertSame('1600.00', $figures->plannedCost->known->toString());
        self::assertSame('300.00', $figures->actualCost->known->toString());
        self::assertSame(120, $figures->enteredCost->unrated->toInt());
        // 450.00 entered, and 10 h left at the plain rate: both assignments end on one day, no role is the lower code.
        self::assertSame('1450.00', $figures->forecastCost->known->toString());
        self::assertSame('1700.00', $figures->budgetLeft()?->toString());
    }

    public function test_what_remains_is_priced_on_the_first_planned_day_where_that_is_later(): void
    {
        $task = (new EffortBuilder)->rate('ada', null, '100')->rate('ada', null, '110', '2026-06-20')
            ->assigned(Assignee::person('ada'), 10, '2026-06-22', '2026-06-26');

        self::assertSame('1100.00', $task->figures('2026-06-17')->forecastCost->known->toString());
        self::assertSame('1100.00', $task->figures('2026-06-30')->forecastCost->known->toString());
    }

    public function test_unassigned_hours_and_a_team_without_a_role_have_no_rate(): void
    {
        $figures = (new EffortBuilder)->planned(30)->rate(null, 'surveyor', '40')
            ->assigned(Assignee::team('field'), 5, role: 'surveyor')->assigned(Assignee::team('field'), 7)->figures();

        self::assertSame('200.00', $figures->plannedCost->known->toString());
        self::assertSame((7 + 18) * 60, $figures->plannedCost->unrated->toInt());
    }

    public function test_earned_value_in_money(): void
    {
        // 40 h at 100 over Monday 1 to Friday 5 June; on Wednesday evening 24 h are planned, 20 h entered, 30 h left.
        $task = (new EffortBuilder)->rate('ada', null, '100')->assigned(Assignee::person('ada'), 40, '2026-06-01', '2026-06-05')
            ->entry('ada', 20, '2026-06-02')->estimated('ada', 30, '2026-06-03')->entry('ada', 8, '2026-06-04');
        $value = $task->figures('2026-06-03')->earnedValue;

        self::assertSame(['2400.00', '1600.00', '2000.00'], [$value->planned->toString(), $value->earned->toString(), $value->actual->toString()]);
        self::assertSame('0.800', (string) $value->costIndex());
        self::assertSame('0.667', (string) $value->scheduleIndex());
    }

    public function test_earned_value_before_the_start_and_once_done(): void
    {
        $task = (new EffortBuilder)->rate('ada', null, '100')->assigned(Assignee::person('ada'), 40, '2026-06-01', '2026-06-05')
            ->entry('ada', 10, '2026-06-02')->estimated('ada', 0, '2026-06-04', true);
        $before = $task->figures('2026-05-31')->earnedValue;

        self::assertSame(0, $before->planned->cents());
        self::assertNull($before->costIndex());
        self::assertNull($before->scheduleIndex());
        self::assertSame('1000.00', $task->figures('2026-06-03')->earnedValue->earned->toString());
        self::assertSame('4000.00', $task->figures('2026-06-04')->earnedValue->earned->toString());
        self::assertSame('4000.00', self::ada(40)->rate('ada', null, '100')->doneOn('2026-06-04')->figures('2026-06-04')->earnedValue->earned->toString());
        self::assertSame('0.00', self::ada(40)->rate('ada', null, '100')->doneOn('2026-06-05')->figures('2026-06-04')->earnedValue->earned->toString());
    }

    public function test_earned_value_is_in_hours_where_there_are_no_rates(): void
    {
        $value = self::ada(40)->entry('ada', 10, '2026-06-02')->figures('2026-06-30')->earnedValue;

        self::assertSame(['40.00', '10.00', '10.00'], [$value->planned->toString(), $value->earned->toString(), $value->actual->toString()]);
    }

    public function test_assignees_add_up_to_the_task_and_nothing_is_negative(): void
    {
        $hours = Generators::choose(0, 90);
        $this->forAll($hours, $hours, $hours, Generators::vector(4, $hours), Generators::bool())->then(
            static function (int $own, int $ada, int $team, array $entered, bool $estimated): void {
                $task = self::ada($ada)->planned($own)->assigned(Assignee::team('field'), $team);
                foreach (['ada', 'bo', 'cy', 'ada'] as $index => $person) {
                    $amount = $entered[$index] ?? 0;
                    $task->entry($person, is_int($amount) ? $amount : 0, state: EntryState::cases()[$index], team: $person === 'cy' ? null : 'field');
                }
                if ($estimated) {
                    $task->estimated('ada', $own, '2026-06-09');
                }
                $whole = $task->figures();
                $parts = array_reduce($task->assignees(), static fn (Figures $sum, AssigneeFigures $part): Figures => $sum->plus($part->figures), Figures::zero());

                self::assertEquals($parts->against($whole->planned, null), $whole);
                self::assertSame($whole->planned->plus($task->effort()->task->overAssigned())->toInt(), $parts->planned->toInt());
                self::assertGreaterThanOrEqual(0, $whole->remaining->toInt());
                self::assertSame(array_sum(array_map(static fn (mixed $part): int => is_int($part) ? $part * 60 : 0, $entered)), $whole->entered()->toInt());
            },
        );
    }

    public function test_budgets_add_up_where_there_are_any(): void
    {
        $with = self::ada(1)->budget('10.50')->figures();
        $without = self::ada(1)->figures();

        self::assertNull($without->plus($without)->budget);
        self::assertSame('10.50', $without->plus($with)->budget?->toString());
        self::assertSame('21.00', $with->plus($with)->budget?->toString());
        self::assertTrue($with->plus($without)->planned->equals(Minutes::ofHours(2)));
    }

    private static function ada(int $planned): EffortBuilder
    {
        return (new EffortBuilder)->assigned(Assignee::person('ada'), $planned);
    }
}
