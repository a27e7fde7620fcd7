<?php

declare(strict_types=1);

namespace Tests\Core\Effort;

use Moss\Core\Calendar\Day;
use Moss\Core\Effort\EstimateFault;
use Moss\Core\Effort\EstimateRefused;
use Moss\Core\Effort\EstimateRules;
use Moss\Core\Effort\ForecastHistory;
use Moss\Core\Planning\Assignee;
use Moss\Core\Time\Minutes;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Taking somebody's remaining estimate, and how the forecast came about. */
final class EstimateRulesTest extends TestCase
{
    #[DataProvider('words')]
    public function test_an_estimate_that_differs_a_lot_needs_a_reason(int $left, string $reason, ?EstimateFault $fault): void
    {
        // Of 40 h, 12 h are entered: the rule says 28 h.
        $effort = (new EffortBuilder)->assigned(Assignee::person('ada'), 40)->entry('ada', 12);
        $rules = new EstimateRules($effort->effort(), Minutes::ofHours(4));
        try {
            $word = $rules->estimate('ada', null, Day::of('2026-06-17'), Minutes::of($left), $reason);
            self::assertNull($fault);
            self::assertSame([$left, false], [$word->remaining->toInt(), $word->done]);
        } catch (EstimateRefused $refused) {
            self::assertSame($fault, $refused->fault);
        }
    }

    /** @return iterable<string, array{int, string, EstimateFault|null}> */
    public static function words(): iterable
    {
        yield 'the rule itself' => [28 * 60, '', null];
        yield 'as much more as is tolerated' => [32 * 60, '', null];
        yield 'a minute more than that' => [32 * 60 + 1, '', EstimateFault::NoReason];
        yield 'blanks are no reason' => [33 * 60, "  \n", EstimateFault::NoReason];
        yield 'with a reason' => [60 * 60, 'Wet putty', null];
        yield 'as much less' => [24 * 60, '', null];
        yield 'a minute less than that' => [24 * 60 - 1, '', EstimateFault::NoReason];
        yield 'nothing, but not done' => [0, 'Waiting for the glass', null];
    }

    public function test_what_is_entered_for_later_days_is_not_left_any_more(): void
    {
        $effort = (new EffortBuilder)->assigned(Assignee::person('ada'), 40)->entry('ada', 12)->entry('ada', 3, '2026-06-19');
        $word = (new EstimateRules($effort->effort(), Minutes::ofHours(40)))->estimate('ada', null, Day::of('2026-06-17'), Minutes::ofHours(20), '');

        self::assertSame(23 * 60, $word->remaining->toInt());
        self::assertSame(20 * 60, $effort->effort()->with($word)->effortOf('ada', null)?->remaining()->toInt());
    }

    public function test_who_holds_nothing_has_no_say_and_a_done_task_is_opened_first(): void
    {
        $held = (new EffortBuilder)->assigned(Assignee::team('field'), 40);
        self::assertSame('not_held', self::faultOf($held, 'bo', null));
        self::assertNull(self::faultOf($held, 'bo', 'field'));
        self::assertSame('task_done', self::faultOf($held->doneOn('2026-06-12'), 'bo', 'field'));
    }

    public function test_done_for_all_waits_for_others_and_is_the_managers_to_decide(): void
    {
        $ada = Assignee::person('ada');
        $shared = (new EffortBuilder)->planned(60)->assigned($ada, 20)->assigned(Assignee::person('bo'), 10)->entry('bo', 4)->effort();
        $rules = new EstimateRules($shared, Minutes::zero());

        self::assertSame(['bo' => 6 * 60, '' => 30 * 60], self::rests($rules, $ada));
        self::assertSame('others_have_left', self::faultOn($rules, $ada, false, true));
        self::assertSame('not_confirmed', self::faultOn($rules, $ada, true, false));
        self::assertNull(self::faultOn($rules, $ada, true, true));

        $alone = new EstimateRules((new EffortBuilder)->assigned($ada, 20)->assigned(Assignee::person('bo'), 10)->entry('bo', 11)->effort(), Minutes::zero());
        self::assertNull(self::faultOn($alone, $ada, false, false));
        self::assertSame('not_confirmed', self::faultOn($alone, null, true, false));
    }

    public function test_the_forecast_came_about_week_by_week(): void
    {
        $effort = (new EffortBuilder)->planned(50)->assigned(Assignee::person('ada'), 40)
            ->entry('ada', 30, '2026-06-03')->entry('ada', 15, '2026-06-10')->entry('zoe', 12, '2026-06-10')
            ->estimated('ada', 20, '2026-06-16')->entry('ada', 5, '2026-06-17')->estimated('ada', 0, '2026-06-25', true);

        $hours = array_map(static fn (Minutes $change): int => intdiv($change->toInt(), 60), ForecastHistory::changesOf($effort->effort()));

        // 50 planned; ada 5 over and zoe 2 over the 10 h of nobody; ada's word adds 20; 15 of them are given up.
        self::assertSame(['' => 50, '2026-06-14' => 7, '2026-06-21' => 20, '2026-06-28' => -15], $hours);
    }

    /** @return array<string, int> */
    private static function rests(EstimateRules $rules, Assignee $assignee): array
    {
        $rests = [];
        foreach ($rules->othersRemaining($assignee) as $part) {
            $rests[$part->assignee->code ?? ''] = $part->remaining->toInt();
        }

        return $rests;
    }

    private static function faultOf(EffortBuilder $builder, string $person, ?string $team): ?string
    {
        try {
            (new EstimateRules($builder->effort(), Minutes::zero()))->done($person, $team, Day::of('2026-06-17'));

            return null;
        } catch (EstimateRefused $refused) {
            return $refused->fault->value;
        }
    }

    private static function faultOn(EstimateRules $rules, ?Assignee $assignee, bool $isManager, bool $isConfirmed): ?string
    {
        try {
            $rules->checkDone($assignee, $isManager, $isConfirmed);

            return null;
        } catch (EstimateRefused $refused) {
            return $refused->fault->value;
        }
    }
}
