<?php

declare(strict_types=1);

namespace Tests\App\Plan;

use App\Effort\Totals\VerifiedTotals;
use App\Models\Assignment;
use App\Models\Project;
use App\Models\Task;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Inertia\Testing\AssertableInertia;
use PHPUnit\Framework\Attributes\DataProvider;
use stdClass;
use Symfony\Component\HttpFoundation\Response;
use Tests\App\Lighthouse;
use Tests\App\TestCase;

/** Making a plan, changing it, copying it, and what it was. */
final class PlanTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->import(Lighthouse::files(['entries.csv' => "person,project,task,role,date,hours\nada,LENS,FIT,surveyor,2026-06-16,8\n"]));
        $this->actingAs($this->person('mo'));
    }

    protected function tearDown(): void
    {
        self::assertSame([], iterator_to_array($this->app->make(VerifiedTotals::class)->differences(), false));
        parent::tearDown();
    }

    public function test_a_project_begins_with_a_short_intake(): void
    {
        $this->post('/projects', ['name' => 'Fog bell, Ness', 'client' => 'Ness Trust', 'manager' => 'mo', 'startsOn' => '2026-07-01', 'endsOn' => '2026-08-31', 'hours' => '120'])
            ->assertRedirect('/projects/FOG-BELL-NESS/plan');
        $project = Project::query()->with('client')->where('code', 'FOG-BELL-NESS')->sole();
        self::assertSame(['Ness Trust', 'NESS-TRUST', 'open'], [$project->client?->name, $project->client?->code, $project->state->value]);
        self::assertSame([['FOG-BELL-NESS', 7200, '2026-07-01']], Task::query()->where('project_id', $project->id)->get()->map(static fn (Task $task): array => [$task->code, $task->planned_minutes?->toInt(), $task->starts_on?->toString()])->all());

        self::assertSame([['NESS-TRUST', 'add', '{"name":"Ness Trust"}']], DB::table('audit_trail')->where('subject', 'client')->get()->map(static fn (stdClass $line): array => [$line->name, $line->act, $line->after])->all());

        // The same again is another project; a code that is taken is refused; a known client is used again.
        $this->post('/projects', ['name' => 'Fog bell, Ness', 'client' => 'ness trust', 'manager' => 'mo'])->assertRedirect('/projects/FOG-BELL-NESS-2/plan');
        self::assertSame($project->client_id, Project::query()->where('code', 'FOG-BELL-NESS-2')->sole()->client_id);
        $this->post('/projects', ['name' => 'Fog mast', 'manager' => 'Lee Tor'])->assertRedirect('/projects/FOG-MAST/plan');
        $this->post('/projects', ['name' => 'Other', 'code' => 'LENS', 'manager' => 'mo'])->assertSessionHasErrors('code');
        $this->post('/projects', ['name' => '', 'manager' => 'vic', 'startsOn' => '2026-07-02', 'endsOn' => '2026-07-01'])->assertSessionHasErrors(['name', 'manager', 'endsOn']);
        $this->actingAs($this->person('ada'))->post('/projects', ['name' => 'Mine', 'manager' => 'ada'])->assertForbidden();
    }

    public function test_lines_pasted_from_a_spreadsheet_come_all_or_not_at_all(): void
    {
        $lines = [
            ['phase' => 'Making', 'task' => 'Cast the bell', 'planned' => '40', 'budget' => '9000', 'startsOn' => '1.7.2026', 'endsOn' => '31.7.2026', 'chargeCode' => 'B-1'],
            ['who' => 'Ada Moor', 'role' => 'Surveyor', 'planned' => '24', 'startsOn' => '2026-07-01', 'endsOn' => '2026-07-10'],
            ['who' => 'field', 'planned' => '16'],
            [],
            ['task' => 'Hang the bell', 'who' => 'bo', 'planned' => '7:30'],
        ];
        $this->postJson('/projects/LENS/plan', ['lines' => [...$lines, ['task' => 'Ring it', 'who' => 'zoe', 'planned' => 'much', 'startsOn' => 'soon']]])->assertStatus(422)
            ->assertJsonPath('faults', [
                '5.who' => 'No person or team is called “zoe”. Enter a name or code.',
                '5.planned' => 'Planned: “much” is not valid. Enter hours, such as 160, 7.5, 7:30, 7h 30m or 450m.',
                '5.startsOn' => 'First day: “soon” is not a date. Enter one such as 2026-06-17.',
            ])
            ->assertJsonPath('message', 'Row 6, “Ring it”. No person or team is called “zoe”. Enter a name or code. Row 6, “Ring it”. Planned: “much” is not valid. Enter hours, such as 160, 7.5, 7:30, 7h 30m or 450m. Row 6, “Ring it”. First day: “soon” is not a date. Enter one such as 2026-06-17.');
        self::assertSame(0, Task::query()->where('code', 'CAST-THE-BELL')->count());

        $this->postJson('/projects/LENS/plan', ['lines' => $lines])->assertOk();
        $task = $this->task('CAST-THE-BELL');
        self::assertSame([2400, 900000, '2026-07-01', '2026-07-31', 'B-1'], [$task->planned_minutes?->toInt(), $task->budget_cents?->cents(), $task->starts_on?->toString(), $task->ends_on?->toString(), $task->charge_code]);
        // Days that are not said are the task's, else the project's.
        self::assertSame([['2026-07-01', '2026-07-10', 1440], ['2026-07-01', '2026-07-31', 960]], self::stretches($task));
        self::assertSame([['2026-06-01', '2026-07-31', 450]], self::stretches($this->task('HANG-THE-BELL')));
        self::assertSame(['ada', 'bo'], DB::table('messages')->join('people', 'people.id', 'messages.person_id')->where('kind', 'assigned')->where('text_values', 'like', '%bell%')->orderBy('people.code')->pluck('people.code')->all());
        self::assertSame(5, DB::table('audit_trail')->where('name', 'like', 'LENS/%')->count());
        // Twice is a conflict, not a second row.
        $this->postJson('/projects/LENS/plan', ['lines' => [['task' => 'CAST-THE-BELL', 'who' => 'Ada Moor', 'role' => 'surveyor', 'planned' => '1', 'startsOn' => '2026-07-01']]])->assertStatus(422)->assertJsonPath('faults', ['0.who' => 'They already have this task in this role from this day. Change that row instead.']);
    }

    /** @param  array<string, string>  $fields */
    #[DataProvider('changes')]
    public function test_fields_are_read_and_refused_with_what_was_expected(string $row, array $fields, ?string $fault): void
    {
        $fit = $this->task('FIT')->id;
        $assignment = Assignment::query()->where('task_id', $fit)->sole()->id;
        $before = [DB::table('tasks')->get()->all(), DB::table('assignments')->get()->all()];
        $answer = $this->change([$row === 'task' ? ['task' => $fit, 'fields' => $fields] : ['assignments' => [$assignment], 'fields' => $fields]]);
        if ($fault === null) {
            $answer->assertOk();
            self::assertNotEquals($before, [DB::table('tasks')->get()->all(), DB::table('assignments')->get()->all()]);
        } else {
            $answer->assertStatus(422)->assertJsonPath('faults', [($row === 'task' ? 't'.$fit : 'a'.$assignment).'.'.array_key_first($fields) => $fault]);
            self::assertEquals($before, [DB::table('tasks')->get()->all(), DB::table('assignments')->get()->all()]);
        }
    }

    /** @return iterable<string, array{string, array<string, string>, string|null}> */
    public static function changes(): iterable
    {
        yield 'a name' => ['task', ['name' => 'Fit the great lens'], null];
        yield 'no name' => ['task', ['name' => '  '], 'Enter a name of at most 200 characters, on one line.'];
        yield 'a code' => ['task', ['code' => 'FIT-2'], null];
        yield 'a code that is taken' => ['task', ['code' => 'CLEAN'], 'Another task of this project has the code CLEAN. Choose another code.'];
        yield 'no code' => ['task', ['code' => 'fit it'], 'Code: “fit it” is not valid. Enter 1 to 32 letters, digits, “.”, “_” or “-”.'];
        yield 'hours of its own' => ['task', ['planned' => '44:30'], null];
        yield 'none of its own' => ['task', ['planned' => ''], null];
        yield 'less than nothing' => ['task', ['planned' => '-4'], 'Planned: “-4” is not valid. Enter hours, such as 160, 7.5, 7:30, 7h 30m or 450m.'];
        yield 'a budget' => ['task', ['budget' => '4000.50'], null];
        yield 'a budget of words' => ['task', ['budget' => 'lots'], 'Budget: “lots” is not valid. Enter an amount with a decimal point and at most two decimal places, such as 1250.50.'];
        yield 'days' => ['task', ['startsOn' => '2026-06-10', 'endsOn' => '2026-06-10'], null];
        yield 'a day that is none' => ['task', ['startsOn' => '2026-02-30'], 'First day: “2026-02-30” is not a date. Enter one such as 2026-06-17.'];
        yield 'a new phase' => ['task', ['phase' => 'Glass'], null];
        yield 'no phase' => ['task', ['phase' => ''], null];
        yield 'somebody else for what somebody recorded' => ['assignment', ['assignee' => 'person:bo'], 'Ada Moor has recorded time or an estimate on Fit the lens, so this row cannot be removed or reassigned. Reduce its hours or set an earlier last day instead.'];
        yield 'nobody known' => ['assignment', ['assignee' => 'zoe'], 'No person or team is called “zoe”. Enter a name or code.'];
        yield 'another role' => ['assignment', ['role' => 'Senior'], null];
        yield 'a role there is not' => ['assignment', ['role' => 'cook'], 'There is no role “cook”. Enter the name or code of a role.'];
        yield 'nothing planned' => ['assignment', ['planned' => ''], null];
        yield 'days that end before they begin' => ['assignment', ['endsOn' => '2026-06-14'], 'Enter a last day on or after the first day.'];
        yield 'no first day' => ['assignment', ['startsOn' => ''], 'Enter the first day, such as 2026-06-17.'];
    }

    public function test_a_row_of_another_project_is_not_there_and_one_fault_keeps_all_away(): void
    {
        $this->change([['task' => $this->task('FIT')->id, 'fields' => ['name' => 'New']], ['task' => $this->task('TRAIN')->id, 'fields' => ['name' => 'Mine now']]])->assertStatus(422);
        self::assertSame(['Fit the lens', 'Training'], [$this->task('FIT')->name, $this->task('TRAIN')->name]);
    }

    public function test_a_row_on_which_nothing_was_recorded_goes_to_somebody_else_or_to_a_team_by_its_name(): void
    {
        $clean = Assignment::query()->where('task_id', $this->task('CLEAN')->id)->sole();
        $this->change([['assignments' => [$clean->id], 'fields' => ['assignee' => 'person:bo']]])->assertOk();
        self::assertSame([$this->person('bo')->id, null], [$clean->refresh()->person_id, $clean->team_id]);
        $this->change([['assignments' => [$clean->id], 'fields' => ['assignee' => 'Field']]])->assertOk();
        self::assertNull($clean->refresh()->person_id);
    }

    public function test_who_holds_a_task_instead_is_in_the_audit_trail_by_code(): void
    {
        $assignment = Assignment::query()->where('task_id', $this->task('CLEAN')->id)->sole();
        $this->change([['assignments' => [$assignment->id], 'fields' => ['assignee' => 'Bo Carr', 'role' => 'Senior']]])->assertOk();

        $line = DB::table('audit_trail')->where('subject', 'assignment')->where('act', 'change')->orderByDesc('id')->first();
        self::assertNotNull($line);
        self::assertIsString($line->before);
        self::assertIsString($line->after);
        $only = static fn (string $json): array => array_intersect_key((array) json_decode($json, true, flags: JSON_THROW_ON_ERROR), array_flip(['person', 'team', 'in_role']));
        self::assertSame(['person' => null, 'team' => 'field', 'in_role' => null], $only($line->before));
        self::assertSame(['person' => 'bo', 'team' => null, 'in_role' => 'senior'], $only($line->after));
    }

    public function test_with_a_task_goes_all_that_is_stored_of_it(): void
    {
        $this->putJson('/projects/LENS/plan/removed', ['task' => $this->task('CLEAN')->id])->assertOk();

        self::assertSame(0, Artisan::call('moss:verify'), Artisan::output());
        self::assertSame([40 * 60, 8 * 60], [DB::table('task_figures')->where('task_id', $this->task('FIT')->id)->value('planned_minutes'), DB::table('task_figures')->where('task_id', $this->task('DRAW')->id)->value('planned_minutes')]);
        self::assertSame(48 * 60, DB::table('project_figures')->where('project_id', $this->task('FIT')->project_id)->value('planned_minutes'));
    }

    public function test_rows_go_unless_something_was_recorded_on_them(): void
    {
        $fit = $this->task('FIT');
        $this->putJson('/projects/LENS/plan/removed', ['task' => $fit->id])->assertStatus(422)->assertJsonPath('message', 'Fit the lens has recorded time or estimates and cannot be removed. Mark it as done, or plan no more work on it.');
        $this->putJson('/projects/LENS/plan/removed', ['assignments' => [Assignment::query()->where('task_id', $fit->id)->sole()->id]])->assertStatus(422);
        $clean = $this->task('CLEAN');
        $this->putJson('/projects/LENS/plan/removed', ['assignments' => [Assignment::query()->where('task_id', $clean->id)->sole()->id]])->assertOk();
        $this->putJson('/projects/LENS/plan/removed', ['task' => $clean->id])->assertOk();
        self::assertNull(Task::query()->find($clean->id));
        $this->putJson('/projects/LENS/plan/removed', ['task' => $clean->id])->assertStatus(422);
    }

    public function test_hours_are_given_by_day_and_taken_together_again(): void
    {
        $fit = $this->task('FIT');
        $id = Assignment::query()->where('task_id', $fit->id)->sole()->id;
        $this->spread([$id], ['2026-06-18' => '9', '2026-06-19' => 'x'])->assertStatus(422)->assertJsonPath('faults.2026-06-19', 'Planned: “x” is not valid. Enter hours, such as 160, 7.5, 7:30, 7h 30m or 450m.');
        $this->spread([$id], ['2026-06-18' => '9', '2026-06-19' => '', '2026-06-22' => '3:30'])->assertOk()->assertJsonFragment(['byDay' => ['2026-06-18' => 540, '2026-06-22' => 210]]);
        self::assertSame([['2026-06-18', '2026-06-18', 540], ['2026-06-22', '2026-06-22', 210]], self::stretches($fit));

        $this->spread(Assignment::query()->where('task_id', $fit->id)->pluck('id')->all(), [])->assertOk();
        self::assertSame([['2026-06-18', '2026-06-22', 750]], self::stretches($fit));
    }

    public function test_load_says_by_how_much_and_on_which_days(): void
    {
        $this->import(['assignments.csv' => "project,task,person,role,planned,starts_on,ends_on\nLENS,CLEAN,ada,surveyor,10,2026-06-18,2026-06-19\n"]);

        // Thursday: 8 expected, 3.75 and 5.75 planned; Friday: 6 less half a day of leave, 3 and 4.25.
        $this->getJson('/projects/LENS/plan/load?person=ada&from=2026-06-17&to=2026-06-21')->assertOk()
            ->assertJsonPath('over', [['date' => '2026-06-18', 'planned' => 225 + 345, 'expected' => 480], ['date' => '2026-06-19', 'planned' => 180 + 255, 'expected' => 120]])
            ->assertJsonPath('expected', 480 + 480 + 120);
        $this->getJson('/projects/LENS/plan/load?person=ada&from=2026-06-17&to=2026-06-01')->assertJsonValidationErrors('to');
    }

    public function test_a_plan_is_copied_with_its_days_moved(): void
    {
        $this->post('/projects/LENS/copy', ['name' => 'Second lens', 'code' => 'LENS2', 'manager' => 'mo', 'startsOn' => '2026-09-07', 'withPeople' => true])->assertRedirect('/projects/LENS2/plan');
        $copy = Project::query()->where('code', 'LENS2')->sole();
        // 98 days on from 1 June, and never the time recorded or what was said to be done.
        self::assertSame(['2026-09-07', '2026-11-06'], [$copy->starts_on?->toString(), $copy->ends_on?->toString()]);
        self::assertSame([['FIT', 2400, null], ['CLEAN', null, null], ['DRAW', 480, null]], $copy->tasks()->orderBy('id')->get()->map(static fn (Task $task): array => [$task->code, $task->planned_minutes?->toInt(), $task->done_on?->toString()])->all());
        $fit = Task::query()->where('project_id', $copy->id)->where('code', 'FIT')->sole();
        self::assertSame([['2026-09-21', '2026-10-02', 1920]], self::stretches($fit));
        self::assertSame(0, DB::table('entries')->where('task_id', $fit->id)->count());
    }

    public function test_the_first_plan_is_stored_as_baseline_and_later_ones_by_date(): void
    {
        $fit = $this->task('FIT')->id;
        $this->itIs('2026-06-22');
        $this->change([['task' => $fit, 'fields' => ['planned' => '50']]])->assertOk();
        $this->itIs('2026-06-29');
        $assignment = Assignment::query()->where('task_id', $fit)->sole()->id;
        $this->change([['assignments' => [$assignment], 'fields' => ['planned' => '44']], ['task' => $fit, 'fields' => ['planned' => '60']]])->assertOk();

        $this->withoutExceptionHandling();
        foreach (['baseline' => [40, 32, 56], '2026-06-17' => [40, 32, 56], '2026-06-25' => [50, 32, 66], '2026-06-29' => [60, 44, 76]] as $day => [$task, $assignee, $total]) {
            $this->get('/projects/LENS/plan?compare='.$day)->assertInertia(fn (AssertableInertia $page) => $page
                ->where('plan.planned', 76 * 60)->where('plan.compared', $total * 60)->where('plan.baselineOn', '2026-06-17')
                ->where('plan.dates', ['2026-06-29', '2026-06-22', '2026-06-17'])
                ->where('plan.tasks', function (mixed $tasks) use ($task, $assignee): bool {
                    $index = (int) array_search('FIT', self::each($tasks, 'code'), true);

                    return self::each($tasks, 'compared')[$index] === $task * 60 && self::each(self::each($tasks, 'assignments')[$index], 'compared') === [$assignee * 60];
                }));
        }
        $this->put('/projects/LENS/baseline', ['why' => 'The trust agreed to more'])->assertSessionHas('message');
        $this->get('/projects/LENS/plan?compare=baseline')->assertInertia(fn (AssertableInertia $page) => $page->where('plan.compared', 76 * 60)->where('plan.baselineOn', '2026-06-29'));
    }

    /**
     * @param  list<array<string, mixed>>  $changes
     * @return TestResponse<Response>
     */
    private function change(array $changes): TestResponse
    {
        return $this->putJson('/projects/LENS/plan', ['changes' => $changes]);
    }

    /**
     * @param  array<mixed>  $ids
     * @param  array<string, string>  $days
     * @return TestResponse<Response>
     */
    private function spread(array $ids, array $days): TestResponse
    {
        return $this->putJson('/projects/LENS/plan/days', ['assignments' => $ids, 'days' => $days]);
    }

    /** @return list<array{string, string, int}> */
    private static function stretches(Task $task): array
    {
        return array_values(Assignment::query()->where('task_id', $task->id)->orderBy('starts_on')->orderBy('ends_on')->get()
            ->map(static fn (Assignment $one): array => [$one->starts_on->toString(), $one->ends_on->toString(), $one->planned_minutes->toInt()])->all());
    }
}
