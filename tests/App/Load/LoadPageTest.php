<?php

declare(strict_types=1);

namespace Tests\App\Load;

use Inertia\Testing\AssertableInertia;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\App\Lighthouse;
use Tests\App\PageProps;
use Tests\App\TestCase;

/** Today is Wednesday 17 June 2026. */
final class LoadPageTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->import(Lighthouse::files([
            'entries.csv' => "person,project,task,role,date,hours,state,note\nada,LENS,FIT,surveyor,2026-06-16,9.5,draft,\nada,OWN,TRAIN,,2026-06-17,1,approved,\n",
        ]));
    }

    public function test_a_week_says_what_its_days_ask_what_was_entered_and_on_which_day_it_is_over(): void
    {
        $load = $this->load('kit', 'from=2026-06-15&to=2026-06-28&person=ada');
        $week = $load->rows('people')[0]->rows('cells');

        self::assertSame([2, '2026-06-21'], [count($load->rows('ranges')), $load->text('ranges.0.last')]);
        self::assertSame([26 * 60, 38 * 60], [$week[0]->int('expected'), $week[1]->int('expected')], 'A holiday on Monday and half of Friday away.');
        self::assertSame(630, $week[0]->int('entered'));
        self::assertSame(['2026-06-16', 90], [$week[0]->text('daysOver.0.date'), $week[0]->int('daysOver.0.over')]);
    }

    public function test_days_gone_by_count_what_was_entered_and_days_to_come_what_is_planned(): void
    {
        $cells = $this->load('kit', 'unit=day&from=2026-06-15&to=2026-06-19&person=ada')->rows('people')[0]->rows('cells');

        self::assertSame([0, 480, 480, 480, 120], array_map(static fn (PageProps $cell): int => $cell->int('expected'), $cells));
        self::assertSame([0, 570], [$cells[0]->int('load'), $cells[1]->int('load')]);
        self::assertSame([90, 0], [$cells[1]->int('over'), $cells[1]->int('free')]);
        self::assertGreaterThan(60, $cells[2]->int('load'), 'Today the plan, as long as it is more than what was entered.');
        self::assertSame([$cells[2]->int('planned'), 480 - $cells[2]->int('load')], [$cells[2]->int('load'), $cells[2]->int('free')]);
    }

    public function test_what_is_planned_on_days_to_come_leaves_out_what_is_done_or_closed(): void
    {
        $cells = $this->load('kit', 'from=2026-06-22&to=2026-06-28&person=ada')->rows('people')[0]->rows('cells');
        $opened = $this->load('kit', 'from=2026-06-22&to=2026-06-28&person=ada&open=ada');

        self::assertSame($opened->sum('opened.parts', 'minutes'), $cells[0]->int('planned'));
        self::assertSame(['Fit the lens'], array_map(static fn (PageProps $part): string => $part->text('task'), $opened->rows('opened.parts')));
    }

    #[DataProvider('weeks')]
    public function test_what_is_over_and_free_of_everybody_is_the_sum_of_what_each_has(string $monday): void
    {
        $load = $this->load('kit', "from=$monday&to=".date('Y-m-d', (int) strtotime($monday.' +6 days')));
        $sum = static fn (string $figure): int => array_sum(array_map(static fn (PageProps $person): int => $person->rows('cells')[0]->int($figure), $load->rows('people')));

        self::assertSame($load->int('count'), count($load->rows('people')));
        self::assertSame([$sum('over'), $sum('free')], [$load->int('over'), $load->int('free')]);
    }

    /** @return iterable<string, array{string}> */
    public static function weeks(): iterable
    {
        yield 'gone by' => ['2026-06-08'];
        yield 'of today' => ['2026-06-15'];
        yield 'to come' => ['2026-06-22'];
    }

    public function test_who_is_free_for_some_hours_comes_soonest_first(): void
    {
        $free = $this->load('kit', 'from=2026-06-15&to=2026-06-28&need=12');
        $days = array_map(static fn (PageProps $one): ?string => $one->textOrNull('by'), $free->rows('freeTime.people'));
        $sorted = $days;
        sort($sorted);

        self::assertSame([720, 5], [$free->int('freeTime.needed'), $free->int('freeTime.count')]);
        self::assertSame($sorted, $days);
        self::assertSame('2026-06-18', $days[0]);
        self::assertSame([], $this->load('kit', 'from=2026-06-15&to=2026-06-16&need=12')->rows('freeTime.people'), 'Nothing is free on days gone by.');
    }

    public function test_a_part_of_what_is_needed_comes_after_all_of_it(): void
    {
        $people = $this->load('kit', 'from=2026-06-15&to=2026-06-19&need=23')->rows('freeTime.people');

        self::assertSame(['2026-06-19', 'ada', null], [$people[0]->textOrNull('by'), $people[count($people) - 1]->text('code'), $people[count($people) - 1]->textOrNull('by')]);
    }

    /** @param  list<string>  $people */
    #[DataProvider('readers')]
    public function test_everybody_sees_the_load_of_theirs(string $reader, array $people): void
    {
        $found = array_map(static fn (PageProps $person): string => $person->text('code'), $this->load($reader, 'sort=name')->rows('people'));
        sort($found);

        self::assertSame($people, $found);
    }

    /** @return iterable<string, array{string, list<string>}> */
    public static function readers(): iterable
    {
        yield 'the office' => ['kit', ['ada', 'bo', 'kit', 'lee', 'mo']];
        yield 'a line manager' => ['lee', ['ada', 'lee', 'mo']];
        yield 'a project manager, whom they plan' => ['mo', ['ada', 'mo']];
    }

    public function test_who_plans_nobody_sees_nobodys_load(): void
    {
        foreach (['ada', 'bo', 'vic'] as $reader) {
            $this->actingAs($this->person($reader))->get('/load')->assertForbidden();
        }
    }

    public function test_planned_hours_lead_to_plans_that_one_may_see(): void
    {
        foreach (['mo' => true, 'lee' => false] as $reader => $mayOpen) {
            $part = $this->load($reader, 'from=2026-06-15&to=2026-06-28&open=ada')->rows('opened.parts')[0];
            self::assertSame(['LENS', 1920, $mayOpen], [$part->text('projectCode'), $part->int('minutes'), $part->value('mayOpen')]);
        }
        self::assertNull($this->load('mo', 'open=bo')->value('opened'));
    }

    public function test_what_the_address_says_wrongly_is_not_said(): void
    {
        $load = $this->load('kit', 'unit=year&from=2026-06-30&to=2026-06-01&sort=x&need=much&team=sea&page=9');

        self::assertSame(['week', '2026-06-15', '2026-07-26', 'over', 0], [$load->text('unit'), $load->text('first'), $load->text('last'), $load->text('sort'), $load->int('count')]);
        self::assertNull($load->value('freeTime'));
    }

    private function load(string $reader, string $query): PageProps
    {
        $props = null;
        $this->actingAs($this->person($reader))->get('/load?'.$query)->assertOk()->assertInertia(function (AssertableInertia $page) use (&$props): void {
            $page->component('Load');
            $props = PageProps::of($page->toArray())->value('props.load');
        });

        return PageProps::of($props);
    }
}
