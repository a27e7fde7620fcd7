<?php

declare(strict_types=1);

namespace Tests\App\MyTasks;

use App\Effort\EffortReader;
use App\Models\Assignment;
use App\Models\FavouriteTask;
use App\Models\Message;
use App\Models\MessageKind;
use App\Models\RemainingEstimate;
use Illuminate\Testing\TestResponse;
use Moss\Core\Effort\TaskEffort;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\HttpFoundation\Response;
use Tests\App\Lighthouse;
use Tests\App\TestCase;

/** What is ada's to do, and what she says of it in one step. Today is Wednesday 17 June 2026. */
final class MyTasksTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->import(Lighthouse::files());
        $this->actingAs($this->person('ada'));
    }

    public function test_tasks_are_listed_by_when_they_are_due_with_what_remains(): void
    {
        $this->import(['entries.csv' => "person,project,task,role,date,hours\nada,LENS,FIT,surveyor,2026-06-17,2\nada,LENS,FIT,surveyor,2026-06-16,8\n"]);
        $page = $this->given('/tasks');

        // What is done and what is on a closed project is not there.
        self::assertSame(['Clean the lens', 'Fit the lens'], self::each($page->value('tasks.tasks'), 'taskName'));
        self::assertSame(['this week', 'next week'], self::each($page->value('tasks.tasks'), 'due'));
        self::assertSame(['Field', null], self::each($page->value('tasks.tasks'), 'team'));
        self::assertSame([[480, 1920], [0, 600], [480, 1320], [0, 120]], [
            self::each($page->value('tasks.tasks'), 'planned'), self::each($page->value('tasks.tasks'), 'entered'), self::each($page->value('tasks.tasks'), 'remaining'), self::each($page->value('tasks.tasks'), 'enteredToday'),
        ]);
        self::assertSame([120, 480], [$page->int('tasks.enteredToday'), $page->int('tasks.expectedToday')]);
    }

    public function test_logging_an_hour_takes_one_line(): void
    {
        $this->say(['line' => '1 note bolts'])->assertSessionHas('message', "1\u{A0}h recorded on Fit the lens.");
        $this->say(['line' => '0:30 note paint'])->assertSessionHasNoErrors();
        $this->say(['line' => '2h mon-tue'])->assertSessionHas('message', "4\u{A0}h recorded on Fit the lens.");

        self::assertSame([90, "bolts\npaint"], [$this->entry('ada', 'FIT', '2026-06-17')?->minutes->toInt(), $this->entry('ada', 'FIT', '2026-06-17')?->note]);
        self::assertSame(120, $this->entry('ada', 'FIT', '2026-06-15')?->minutes->toInt());
        $this->say(['line' => '9-11:30'])->assertSessionHas('message', "2.5\u{A0}h recorded on Fit the lens.");
        self::assertSame(240, $this->entry('ada', 'FIT', '2026-06-17')?->minutes->toInt());
        $this->assertDatabaseHas('stretches', ['starts_at' => 540, 'ends_at' => 690, 'is_inked' => 1]);
    }

    public function test_hours_note_estimate_and_done_are_one_step_and_all_of_it_or_nothing(): void
    {
        $this->say(['line' => '2h note bolts', 'remaining' => '20', 'reason' => 'rusted'])->assertSessionHasNoErrors();
        self::assertSame([120, 1200], [$this->entry('ada', 'FIT', '2026-06-17')?->minutes->toInt(), RemainingEstimate::query()->sole()->remaining_minutes->toInt()]);

        $this->say(['line' => '1h', 'remaining' => 'much'])->assertSessionHasErrors('remaining');
        self::assertSame(120, $this->entry('ada', 'FIT', '2026-06-17')?->minutes->toInt());

        $this->say(['line' => '1h', 'done' => true, 'reason' => 'finished early'])->assertSessionHasNoErrors();
        self::assertSame([180, true], [$this->entry('ada', 'FIT', '2026-06-17')->minutes->toInt(), RemainingEstimate::query()->sole()->done]);
        self::assertSame(['Clean the lens'], self::each($this->given('/tasks')->value('tasks.tasks'), 'taskName'));
    }

    /** @param  array<string, mixed>  $body */
    #[TestWith([['line' => '1:30 bolts'], 'line', '“bolts” is neither hours nor a day. Write what you did after the word note, as in 1:30 note bolts checked.'])]
    #[TestWith([['line' => 'tue'], 'line', 'Start with the hours, such as 2h, 1:30 or 90m.'])]
    #[TestWith([['line' => '9-9'], 'line', '“9-9” is not a time. Enter the start and a later end, such as 9-11:30.'])]
    #[TestWith([['line' => ''], 'line', 'Enter hours, such as 1:30 or 9-11:30, or what remains.'])]
    #[TestWith([['line' => '1h', 'task' => 999], 'line', 'This task no longer exists. Reload the week.'])]
    #[TestWith([['line' => '25h'], 'line', null])]
    public function test_what_is_not_understood_is_explained(array $body, string $field, ?string $sentence): void
    {
        $this->say($body)->assertSessionHasErrors($sentence === null ? $field : [$field => $sentence]);
        $this->assertDatabaseEmpty('entries');
    }

    public function test_a_closed_task_and_a_full_day_are_refused(): void
    {
        $this->say(['line' => '1h', 'task' => $this->task('SCRAP')->id])->assertSessionHasErrors('line');
        $this->say(['line' => '20h'])->assertSessionHasNoErrors();
        $this->say(['line' => '1h', 'task' => $this->task('CLEAN')->id, 'role' => null])->assertSessionHasNoErrors();
        $this->say(['line' => '4h', 'task' => $this->task('CLEAN')->id, 'role' => null])->assertSessionHasErrors('line');
    }

    public function test_tasks_are_pinned_and_stand_in_front_whatever_they_are(): void
    {
        $pin = fn (string $task, bool $isPinned): TestResponse => $this->put('/tasks/pinned', ['task' => $this->task($task)->id, 'role' => null, 'pinned' => $isPinned]);
        $pin('TRAIN', true)->assertSessionHasNoErrors();
        $pin('TRAIN', true)->assertSessionHasNoErrors();
        $page = $this->given('/tasks');
        self::assertSame(['Training', 'Clean the lens', 'Fit the lens'], self::each($page->value('tasks.tasks'), 'taskName'));
        self::assertSame(['always', null, null], [$page->value('tasks.tasks.0.due'), $page->value('tasks.tasks.0.remaining'), $page->value('tasks.tasks.0.dueOn')]);
        $pin('FIT', true);
        self::assertTrue($this->given('/tasks')->value('tasks.tasks.0.isPinned'));
        $pin('TRAIN', false);
        $pin('SCRAP', true)->assertSessionHasErrors('line');
        self::assertSame(1, FavouriteTask::query()->count());
    }

    public function test_a_teams_task_is_picked_up_without_changing_what_is_planned_or_remains(): void
    {
        $this->import(['entries.csv' => "person,project,task,date,hours\nada,LENS,CLEAN,2026-06-16,2\n"]);
        $task = $this->task('CLEAN');
        $figures = fn (): array => array_map(static fn ($minutes): int => $minutes->toInt(), [$this->effort()->entered(), $this->effort()->remaining(), $this->effort()->forecast()]);
        $before = $figures();
        $this->post('/tasks/'.$task->id.'/picked-up', ['hours' => '4'])->assertSessionHas('message', 'Clean the lens is yours now. Its project manager has been told.');

        // What she has entered and what she takes over, out of the team's.
        self::assertSame([$before, [360, 120]], [$figures(), Assignment::query()->where('task_id', $task->id)->orderByDesc('planned_minutes')->get()->map(static fn (Assignment $one): int => $one->planned_minutes->toInt())->all()]);
        self::assertSame([null, 240], [$this->given('/tasks')->value('tasks.tasks.0.team'), $this->given('/tasks')->value('tasks.tasks.0.remaining')]);
        self::assertSame([1, $this->person('mo')->id], [Message::query()->where('kind', MessageKind::TaskPickedUp)->count(), Message::query()->where('kind', MessageKind::TaskPickedUp)->sole()->person_id]);
        $this->assertDatabaseHas('audit_trail', ['act' => 'pick up', 'subject' => 'assignment']);
        $this->post('/tasks/'.$task->id.'/picked-up', ['hours' => '1'])->assertSessionHasErrors(['line' => 'This task is not assigned to your team, or it is yours already.']);
    }

    /** @param  string  $hours  asked for, of eight that remain */
    #[TestWith(['9'])]
    #[TestWith(['0'])]
    #[TestWith(['much'])]
    public function test_no_more_is_picked_up_than_remains(string $hours): void
    {
        $this->post('/tasks/'.$this->task('CLEAN')->id.'/picked-up', ['hours' => $hours])->assertSessionHasErrors('hours');
        self::assertSame(1, Assignment::query()->where('task_id', $this->task('CLEAN')->id)->count());
    }

    public function test_what_was_estimated_for_the_team_is_not_split(): void
    {
        $this->put('/people/ada/tasks/'.$this->task('CLEAN')->id.'/remaining', ['hours' => '8', 'done' => 'no']);
        $this->post('/tasks/'.$this->task('CLEAN')->id.'/picked-up')->assertSessionHasErrors(['line' => 'The remaining hours of your team have been estimated, so they cannot be split here. Ask Mo Fell to assign the task to you.']);
    }

    public function test_the_list_takes_a_fixed_number_of_queries(): void
    {
        $this->get('/tasks');
        $few = $this->queriesOf(fn () => $this->get('/tasks')->assertOk());
        $tasks = implode('', array_map(static fn (int $number): string => "LENS,T$number,Task $number\n", range(1, 40)));
        $this->import(['tasks.csv' => "project,task,name\n".$tasks, 'assignments.csv' => "project,task,person,planned,starts_on,ends_on\n".implode('', array_map(static fn (int $number): string => "LENS,T$number,ada,2,2026-01-01,2026-12-31\n", range(1, 40)))]);

        self::assertSame($few, $this->queriesOf(fn () => $this->get('/tasks')->assertOk()));
    }

    private function effort(): TaskEffort
    {
        $effort = $this->app->make(EffortReader::class)->task($this->task('CLEAN')->id);
        self::assertNotNull($effort);

        return $effort;
    }

    /**
     * @param  array<string, mixed>  $body
     * @return TestResponse<Response>
     */
    private function say(array $body): TestResponse
    {
        return $this->post('/tasks', $body + ['task' => $this->task('FIT')->id, 'role' => null]);
    }
}
