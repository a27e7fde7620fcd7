<?php

declare(strict_types=1);

namespace Tests\App\Reported;

use App\Models\Closing;
use App\Models\ReportedFigures;
use Inertia\Testing\AssertableInertia;
use Tests\App\Lighthouse;
use Tests\App\PageProps;
use Tests\App\TestCase;

/** Today is Wednesday 17 June 2026. */
final class ReportedTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->import(Lighthouse::files(['entries.csv' => "person,project,task,role,date,hours,state\nada,LENS,FIT,surveyor,2026-06-02,8,approved\n"]));
    }

    public function test_closing_a_period_keeps_what_every_project_comes_to_and_later_changes_stand_beside_it(): void
    {
        self::assertSame([], $this->reported('kit')->rows('closings'));
        $this->close('2026-06-07');
        $before = $this->reported('kit');
        self::assertSame([0, 0], [$before->int('risen'), $before->int('fallen')]);
        self::assertSame($before->int('then.forecast'), $before->int('now.forecast'));

        $this->import(['entries.csv' => "person,project,task,role,date,hours,state\nada,LENS,DRAW,,2026-06-16,12,draft\nada,LENS,DRAW,,2026-06-15,12,draft\n"]);
        $after = $this->reported('kit');

        $lens = $after->rows('projects')[0];
        self::assertSame(['LENS', 480, 480, 1440], [$lens->text('code'), $lens->int('then.actual'), $lens->int('now.actual'), $lens->int('now.pending')]);
        self::assertSame($lens->int('now.forecast') - $lens->int('then.forecast'), $lens->int('change'));
        self::assertSame([1, 1440], [$after->int('risen'), $lens->int('change')], 'The task was done: all that is entered on it now is more.');
        self::assertSame($before->int('then.forecast'), $after->int('then.forecast'), 'What was reported stays.');
    }

    public function test_each_closing_can_be_compared_with(): void
    {
        $this->close('2026-06-07');
        $this->import(['entries.csv' => "person,project,task,role,date,hours,state\nada,LENS,DRAW,,2026-06-08,3,approved\n"]);
        $this->close('2026-06-14');
        $closings = $this->reported('kit')->rows('closings');

        self::assertSame(['2026-06-14', '2026-06-07'], array_map(static fn (PageProps $one): string => $one->text('until'), $closings));
        self::assertSame([660, 480], array_map(fn (PageProps $one): int => $this->reported('kit', $one->int('id'))->int('then.actual'), $closings));
        self::assertSame($closings[0]->int('id'), $this->reported('kit', 99)->int('closing'), 'The latest, where there is no such closing.');
    }

    public function test_closing_twice_is_once(): void
    {
        $this->close('2026-06-07');
        $this->close('2026-06-07');

        self::assertSame(1, Closing::query()->count());
        self::assertSame(3, ReportedFigures::query()->count(), 'One for each project.');
    }

    public function test_a_project_that_is_new_has_no_report(): void
    {
        $this->close('2026-06-07');
        $this->import(['projects.csv' => "project,name,manager\nNEW,New crane,mo\n", 'tasks.csv' => "project,task,name,planned\nNEW,LIFT,Lift,10\n"]);
        $new = $this->reported('mo')->rows('projects')[0];

        self::assertSame(['NEW', null, 600], [$new->text('code'), $new->value('then'), $new->int('change')]);
    }

    public function test_managers_see_their_projects(): void
    {
        $this->close('2026-06-07');
        foreach (['kit' => 3, 'vic' => 3, 'mo' => 2, 'lee' => 0] as $reader => $count) {
            self::assertLessThanOrEqual($count, $this->reported($reader)->int('count'), $reader);
            self::assertSame($count > 0, $this->reported($reader)->int('count') > 0, $reader);
        }
        self::assertNotContains('OWN', array_map(static fn (PageProps $project): string => $project->text('code'), $this->reported('mo')->rows('projects')));
    }

    private function close(string $until): void
    {
        $this->actingAs($this->person('kit'));
        $seen = null;
        $this->get('/office/periods?day='.$until)->assertInertia(function (AssertableInertia $page) use (&$seen): void {
            $seen = data_get($page->toArray(), 'props.period.seen');
        });
        $this->post('/office/periods', ['day' => $until, 'seen' => $seen, 'leavesOut' => true])->assertSessionHas('message');
    }

    private function reported(string $reader, ?int $closing = null): PageProps
    {
        $props = null;
        $this->actingAs($this->person($reader))->get('/reported'.($closing === null ? '' : '?closing='.$closing))->assertOk()->assertInertia(function (AssertableInertia $page) use (&$props): void {
            $page->component('Reported');
            $props = PageProps::of($page->toArray())->value('props.reported');
        });

        return PageProps::of($props);
    }
}
