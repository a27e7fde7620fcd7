<?php

declare(strict_types=1);

namespace Tests\App\Learning;

use App\Features\Learning\Queries\PastForecasts;
use App\Models\PlanStep;
use App\Models\Project;
use Inertia\Testing\AssertableInertia;
use Tests\App\Lighthouse;
use Tests\App\PageProps;
use Tests\App\TestCase;

/** Five finished surveys of mo's, one of them planned otherwise later, and two of lee's. */
final class LearningTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $tasks = "project,task,name,planned,done_on\n";
        $assignments = "project,task,person,team,role,planned,starts_on,ends_on\n";
        $entries = "person,project,task,date,hours,state\n";
        foreach (['S1' => [10, 10], 'S2' => [10, 12], 'S3' => [20, 20], 'S4' => [8, 6], 'S5' => [10, 20]] as $code => [$planned, $cameTo]) {
            $tasks .= "PAST,$code,Gallery survey $code,$planned,2026-05-20\n";
            $assignments .= "PAST,$code,ada,,,$planned,2026-05-01,2026-05-15\n";
            $entries .= "ada,PAST,$code,2026-05-".(10 + (int) $code[1]).",$cameTo,approved\n";
        }
        $tasks .= "PAST,OPEN,Survey of the lamp room,10,\nPAST,NONE,Survey without time,10,2026-05-20\nOTHER,O1,Quay survey,10,2026-05-20\nOTHER,O2,Quay survey,10,2026-05-20\n";
        $entries .= "bo,OTHER,O1,2026-05-12,10,approved\nbo,OTHER,O2,2026-05-13,10,approved\n";
        $this->import(Lighthouse::files([
            'projects.csv' => "project,name,client,manager,internal\nPAST,Past works,harbour,mo,no\nOTHER,Other works,,lee,no\nLENS,Lens,harbour,mo,no\nOLD,Old,,mo,no\nOWN,Own,,kit,yes\n",
            'tasks.csv' => $tasks, 'assignments.csv' => $assignments, 'entries.csv' => $entries,
        ]));
        // All of that was planned a while ago; what is planned later is not what was planned first.
        PlanStep::query()->update(['starting_on' => '2026-04-01']);
        $this->import(['tasks.csv' => "project,task,name,planned,done_on\nPAST,S3,Gallery survey S3,40,2026-05-20\n"]);
    }

    public function test_finished_tasks_are_told_by_word_with_the_middle_and_the_range(): void
    {
        $past = $this->past('kit', 'word');
        $groups = [];
        foreach ($past->rows('groups') as $group) {
            $groups[$group->text('name')] = [$group->int('spread.count'), $group->text('spread.low'), $group->text('spread.median'), $group->text('spread.high')];
        }

        self::assertSame(7, $past->int('count'), 'Neither what is open nor what nobody worked on.');
        self::assertSame(['gallery' => [5, '0.75', '1.00', '2.00'], 'survey' => [7, '0.75', '1.00', '2.00']], [...['gallery' => $groups['gallery'] ?? null], ...['survey' => $groups['survey'] ?? null]]);
        self::assertSame(1, $past->int('few'), 'Of quays there are two.');
    }

    public function test_people_and_clients_are_told_where_there_are_enough(): void
    {
        self::assertSame([['Ada Moor', 5]], $this->named('kit', 'person'));
        self::assertSame([['Harbour Board', 5]], $this->named('kit', 'client'));
        self::assertSame([['Mo Fell', 5]], $this->named('kit', 'manager'));
        self::assertSame([['Surveyor', 5]], $this->named('kit', 'role'));
    }

    public function test_a_group_opens_to_its_tasks_with_the_estimates_on_the_way(): void
    {
        $this->import(['remaining_estimates.csv' => "person,project,task,on,remaining\nada,PAST,S5,2026-05-04,16\n"]);
        $past = $this->past('kit', 'word&group=gallery');

        self::assertSame(['gallery', 5], [$past->value('opened'), count($past->rows('tasks'))]);
        $first = $past->rows('tasks')[0];
        self::assertSame(['Gallery survey S5', 600, 1200, '2.00', '2026-05-04', 960], [$first->text('name'), $first->int('planned'), $first->int('cameTo'), $first->text('ratio'), $first->text('estimates.0.on'), $first->int('estimates.0.remaining')]);
        self::assertSame([], $this->past('kit', 'word&group=quay')->rows('tasks'), 'Of too few nothing is said.');
    }

    public function test_managers_learn_from_their_projects(): void
    {
        self::assertSame(5, $this->past('mo', 'word')->int('count'));
        self::assertSame([2, null], [$this->past('lee', 'word')->int('count'), $this->past('lee', 'word')->value('whole')]);
    }

    public function test_a_plan_shows_what_tasks_like_it_came_to(): void
    {
        $this->actingAs($this->person('mo'));
        $past = PageProps::of($this->getJson('/projects/LENS/plan/past?name=Survey+of+the+gallery&minutes=1440')->assertOk()->json());

        self::assertSame(['survey, gallery', 5, 1440, 1080, 2880], [$past->text('past.words'), $past->int('past.spread.count'), $past->int('past.usual'), $past->int('past.least'), $past->int('past.most')]);
        self::assertSame('survey', PageProps::of($this->getJson('/projects/LENS/plan/past?name=Quay+survey&minutes=600')->json())->text('past.words'), 'Two quays are too few.');
        self::assertNull($this->getJson('/projects/LENS/plan/past?name=Painting&minutes=600')->json('past'));
        self::assertNull($this->getJson('/projects/LENS/plan/past?name=Survey')->json('past'));
    }

    public function test_a_forecast_shows_what_finished_tasks_of_its_manager_would_make_of_it(): void
    {
        $past = PastForecasts::of(Project::query()->where('code', 'PAST')->with('manager')->sole());

        // 68 hours of what is done, and the open task of ten hours as the finished ones turned out.
        self::assertSame(['Mo Fell', 5, (68 + 10) * 60, 68 * 60 + 450, (68 + 20) * 60], [$past?->manager, $past?->spread->count, $past?->usual, $past?->least, $past?->most]);
        self::assertNull(PastForecasts::of(Project::query()->where('code', 'OTHER')->with('manager')->sole()), 'Nothing is open.');
    }

    /** @return list<array{string, int}> names with their cases */
    private function named(string $reader, string $by): array
    {
        return array_map(static fn (PageProps $group): array => [$group->text('name'), $group->int('spread.count')], $this->past($reader, $by)->rows('groups'));
    }

    private function past(string $reader, string $by): PageProps
    {
        $props = null;
        $this->actingAs($this->person($reader))->get('/past-tasks?by='.$by)->assertOk()->assertInertia(function (AssertableInertia $page) use (&$props): void {
            $page->component('Learning');
            $props = PageProps::of($page->toArray())->value('props.past');
        });

        return PageProps::of($props);
    }
}
