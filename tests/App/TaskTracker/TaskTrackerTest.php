<?php

declare(strict_types=1);

namespace Tests\App\TaskTracker;

use App\Features\TaskTracker\Actions\SyncLink;
use App\Models\Assignment;
use App\Models\Entry;
use App\Models\Task;
use App\Models\Tracker;
use App\Models\TrackerLink;
use App\Models\TrackerPerson;
use App\Models\TrackerTask;
use App\Models\TrackerTime;
use Illuminate\Support\Facades\Artisan;
use PHPUnit\Framework\Attributes\TestWith;
use Simulated\Tracker\Data;
use Simulated\Tracker\Member;
use Tests\App\TestCase;

/** Today is Wednesday 17 June 2026. Mo manages LENS, ada and bo are known by their email addresses. */
final class TaskTrackerTest extends TestCase
{
    use HasTracker;

    public function test_a_project_is_linked_and_its_tasks_and_people_come_over(): void
    {
        $this->actingAs($this->person('kit'))->post('/office/trackers', ['name' => 'Lamp board', 'address' => 'https://tracker.example', 'token' => 'a token'])->assertSessionHas('message');
        $this->store->change(static function (Data $data): void {
            $data->saveTask('LIGHT', 'LIGHT-7', 'Polish the prisms', 'open', ['bo'], 480);
        });
        $this->actingAs($this->person('mo'));
        self::assertSame('LIGHT', $this->given('/projects/LENS/tracker', true)->value('offers.0.projects.0.code'));
        $this->post('/projects/LENS/tracker', ['tracker' => 1, 'key' => 'NONE', 'from' => '2026-06-15'])->assertSessionHasErrors('key');
        $this->post('/projects/LENS/tracker', ['tracker' => 1, 'key' => 'LIGHT', 'from' => '2026-06-15', 'takesTasks' => true])->assertSessionHas('message', __('trackers.linked'));

        $polish = Task::query()->where('code', 'LIGHT-7')->sole();
        self::assertSame(['Polish the prisms', 480], [$polish->name, $polish->assignments()->sole()->planned_minutes->toInt()]);
        self::assertSame([$this->task('FIT')->id, $polish->id], TrackerTask::query()->orderBy('remote_key')->pluck('task_id')->all());
        $this->store->change(static function (Data $data): void {
            $data->comment('FIT', 'bo', '2026-06-17', 'The crane is late');
        });
        $this->post('/projects/LENS/tracker/sync');
        $page = $this->given('/projects/LENS/tracker');
        self::assertSame(['in progress', 'The crane is late', ''], [$page->value('shown.link.tasks.0.state'), $page->value('shown.link.tasks.0.comment'), $page->value('shown.link.failure')]);
        $this->actingAs($this->person('ada'));
        self::assertContains('bo: The crane is late', self::each($this->given('/tasks')->value('tasks.tasks'), 'trackerComment'));
        $this->actingAs($this->person('mo'))->delete('/projects/LENS/tracker')->assertSessionHas('message', __('trackers.unlinked'));
        self::assertSame(0, TrackerTime::query()->count());
    }

    public function test_time_logged_there_waits_in_pencil_with_its_text_and_is_inked_once(): void
    {
        $link = $this->linked();
        $this->log('ada', 90, 'Bolts torn');
        $this->sync($link);
        self::assertSame(0, Entry::query()->count());
        $this->actingAs($this->person('ada'));
        $week = $this->given('/week/2026-W25');
        $place = array_search('tracker', self::each($week->value('sheet.proposals'), 'source'), true);
        self::assertIsInt($place);
        self::assertSame([90, 'logged in Lamp board: Bolts torn', true], [$week->value("sheet.proposals.$place.minutes"), $week->value("sheet.proposals.$place.why"), $week->value('sheet.pencil.trackedTime')]);

        // Ada inks it; on both sides it stays what it is.
        $this->record(90);
        $this->sync($link);
        self::assertSame([90, 90, 1], [$this->here(), $this->there(), count($this->store->read()->times)]);
        // More of it there follows into what is inked, and more here goes there.
        $this->store->change(static fn (Data $data): array => $data->changeTime(1, 120, 'Bolts torn'));
        $this->sync($link);
        self::assertSame(120, $this->here());
        $this->record(180);
        $this->sync($link);
        self::assertSame([180, 180, [120, 60]], [$this->here(), $this->there(), array_column($this->store->read()->times, 'minutes')]);
        // Deleted there is deleted here.
        $this->store->change(static fn (Data $data): array => $data->changeTime(1, 0, ''));
        $this->sync($link);
        self::assertSame([60, 60], [$this->here(), $this->there()]);
        // Cleared here is deleted there.
        $this->record(0);
        $this->sync($link);
        self::assertSame([0, 0], [$this->here(), $this->there()]);
    }

    public function test_a_text_that_changes_there_changes_in_the_note_while_that_is_open(): void
    {
        $link = $this->linked();
        $this->person('ada')->update(['pencils_tracked_time' => false]);
        $this->log('ada', 90, 'Bolts torn');
        $this->sync($link);
        $note = fn (): string => Entry::query()->sole()->note;
        self::assertSame('Bolts torn', $note());

        $this->store->change(static fn (Data $data): array => $data->changeTime(1, 90, 'Bolts torn and replaced'));
        $this->sync($link);
        $this->sync($link);
        self::assertSame(['Bolts torn and replaced', 90, false], [$note(), $this->here(), TrackerTime::query()->sole()->differs]);

        Entry::query()->update(['note' => 'Four new bolts', 'version' => 9]);
        $this->store->change(static fn (Data $data): array => $data->changeTime(1, 120, 'Bolts torn, replaced, greased'));
        $this->sync($link);
        self::assertSame(['Four new bolts', 120], [$note(), $this->here()], 'what was written over it stays');

        Entry::query()->update(['note' => 'Bolts torn, replaced, greased', 'state' => 'approved']);
        $this->store->change(static fn (Data $data): array => $data->changeTime(1, 120, 'None of your business'));
        $this->sync($link);
        self::assertSame(['Bolts torn, replaced, greased', false], [$note(), TrackerTime::query()->sole()->differs]);
    }

    public function test_who_is_taken_off_a_task_there_is_no_longer_on_it_here(): void
    {
        $link = $this->linked();
        $this->store->change(static fn (Data $data) => $data->saveTask('LIGHT', 'LIGHT-7', 'Polish', 'open', ['bo', 'ada'], 480));
        $this->sync($link);
        $polish = Task::query()->where('code', 'LIGHT-7')->sole();
        $on = fn (): array => Assignment::query()->where('task_id', $polish->id)->with('person')->orderBy('id')->get()->map(static fn (Assignment $one): string => $one->person?->code.' '.$one->planned_minutes->toInt().' '.$one->ends_on->toString())->all();
        self::assertSame(['bo 480 2026-07-31', 'ada 0 2026-07-31'], $on());

        $this->store->change(static fn (Data $data) => $data->saveTask('LIGHT', 'LIGHT-7', 'Polish', 'open', ['ada'], 480));
        $this->sync($link);
        self::assertSame(['bo 480 2026-06-17', 'ada 0 2026-07-31'], $on(), 'planned hours stay, and end today');

        $this->store->change(static fn (Data $data) => $data->saveTask('LIGHT', 'LIGHT-7', 'Polish', 'open', [], 480));
        $this->sync($link);
        self::assertSame(['bo 480 2026-06-17'], $on(), 'nothing hangs on what was not planned');
    }

    public function test_it_is_pencilled_also_on_a_task_that_is_not_planned_for_the_week(): void
    {
        Assignment::query()->where('task_id', $this->task('FIT')->id)->update(['starts_on' => '2026-07-01', 'ends_on' => '2026-07-10']);
        $link = $this->linked();
        $this->log('ada', 90, 'Bolts torn');
        $this->sync($link);
        $week = $this->actingAs($this->person('ada'))->given('/week/2026-W25');
        $place = array_search('tracker', self::each($week->value('sheet.proposals'), 'source'), true);
        self::assertIsInt($place);
        self::assertContains($week->value("sheet.proposals.$place.line"), self::each($week->value('sheet.lines'), 'key'));
    }

    public function test_in_ink_at_once_for_whoever_wants_that(): void
    {
        $link = $this->linked();
        $this->actingAs($this->person('ada'))->patch('/preferences', ['pencilsTrackedTime' => false]);
        $this->log('ada', 90, 'Bolts torn');
        $this->sync($link);
        $entry = Entry::query()->sole();
        self::assertSame([90, 'Bolts torn', $this->person('ada')->role_id], [$entry->minutes->toInt(), $entry->note, $entry->role_id]);
        $this->log('ada', 30, 'Bolts torn');
        $this->log('ada', 15, 'Ladder');
        $this->sync($link);
        self::assertSame([135, "Bolts torn\nLadder"], [Entry::query()->sole()->minutes->toInt(), Entry::query()->sole()->note]);
        $asked = $this->network->asked;
        $this->sync($link);
        // Nothing new is one question.
        self::assertSame($asked + 1, $this->network->asked);
    }

    public function test_approved_time_is_never_changed_from_outside_but_listed(): void
    {
        $link = $this->linked();
        $this->person('ada')->update(['pencils_tracked_time' => false]);
        $this->log('ada', 90, 'Bolts torn');
        $this->sync($link);
        Entry::query()->update(['state' => 'approved', 'approvals' => 1]);
        $this->store->change(static fn (Data $data): array => $data->changeTime(1, 30, 'Bolts torn'));
        $this->sync($link);
        self::assertSame([90, 30], [$this->here(), $this->there()]);
        $this->actingAs($this->person('mo'));
        $differences = $this->given('/projects/LENS/tracker')->value('shown.link.differences');
        self::assertSame([[30], [90], [__('trackers.decided')]], [self::each($differences, 'there'), self::each($differences, 'here'), self::each($differences, 'problem')]);
        // Given back, it follows.
        Entry::query()->update(['state' => 'returned']);
        $this->sync($link);
        self::assertSame(30, $this->here());
    }

    public function test_who_and_what_is_not_known_is_matched_by_hand(): void
    {
        $this->store->change(static function (Data $data): void {
            $data->people[] = new Member('wick', 'H. Wick', 'wick@elsewhere.example');
            $data->saveTask('LIGHT', 'LIGHT-9', 'Scrub', 'open', [], 0);
            $data->addTime('FIT', 'wick', '2026-06-17', 45, 'Guest');
            $data->addTime('LIGHT-9', 'ada', '2026-06-17', 30, 'Brush');
        });
        $link = $this->linked();
        $link->update(['takes_tasks' => false]);
        $this->person('ada')->update(['pencils_tracked_time' => false]);
        $this->person('lee')->update(['pencils_tracked_time' => false]);
        $this->import(['assignments.csv' => "project,task,person,team,role,planned,starts_on,ends_on\nLENS,FIT,lee,,,8,2026-06-15,2026-06-26\n"]);
        $this->sync($link);
        self::assertSame(0, Entry::query()->count());
        $this->actingAs($this->person('mo'));
        $page = $this->given('/projects/LENS/tracker');
        self::assertSame([['H. Wick'], [45]], [self::each($page->value('shown.link.unknown'), 'name'), self::each($page->value('shown.link.unknown'), 'minutes')]);
        $this->put('/projects/LENS/tracker/people/'.TrackerPerson::query()->where('login', 'wick')->sole()->id, ['person' => 'nobody'])->assertSessionHasErrors('person');
        $this->put('/projects/LENS/tracker/people/'.TrackerPerson::query()->where('login', 'wick')->sole()->id, ['person' => 'ada'])->assertSessionHasErrors(['person' => __('trackers.person_taken')]);
        $this->put('/projects/LENS/tracker/people/'.TrackerPerson::query()->where('login', 'wick')->sole()->id, ['person' => 'lee'])->assertSessionHas('message');
        self::assertSame(45, $this->entry('lee', 'FIT', '2026-06-17')?->minutes->toInt());
        $scrub = TrackerTask::query()->where('remote_key', 'LIGHT-9')->sole()->id;
        $this->put("/projects/LENS/tracker/tasks/$scrub", ['task' => (string) $this->task('FIT')->id])->assertSessionHasErrors('task');
        $this->put("/projects/LENS/tracker/tasks/$scrub", ['task' => (string) $this->task('SCRAP')->id])->assertSessionHasErrors('task');
        $this->put("/projects/LENS/tracker/tasks/$scrub", ['task' => (string) $this->task('CLEAN')->id])->assertSessionHas('message');
        self::assertSame(30, $this->entry('ada', 'CLEAN', '2026-06-17')?->minutes->toInt());
        $this->put('/projects/LENS/tracker/tasks/999', ['task' => $this->task('FIT')->id])->assertNotFound();
    }

    public function test_what_cannot_be_reached_says_so_and_goes_on_later(): void
    {
        $link = $this->linked();
        $this->network->mishap = static fn (): string => 'lost';
        Artisan::call('moss:trackers');
        $this->actingAs($this->person('mo'));
        self::assertSame(__('trackers.failure.unreachable'), $this->given('/projects/LENS/tracker')->value('shown.link.failure'));
        $this->network->mishap = null;
        Tracker::query()->sole()->update(['token' => 'another']);
        Artisan::call('moss:trackers');
        self::assertSame('token_refused', $link->refresh()->failure);
        Tracker::query()->sole()->update(['token' => 'a token']);
        // What the tracker refuses is listed with what it says.
        $this->store->change(static function (Data $data): void {
            $data->saveTask('LIGHT', 'FIT', 'Fit the lens', 'done', ['ada'], 600);
        });
        $this->record(60);
        Artisan::call('moss:trackers');
        self::assertSame('', $link->refresh()->failure);
        self::assertStringContainsString('must be open', (string) json_encode($this->actingAs($this->person('mo'))->given('/projects/LENS/tracker')->value('shown.link.differences.0.problem')));
    }

    public function test_time_before_the_first_day_stays_where_it_is(): void
    {
        $link = $this->linked();
        $this->person('ada')->update(['pencils_tracked_time' => false]);
        $this->import(['entries.csv' => "person,project,task,role,date,hours\nada,LENS,FIT,surveyor,2026-06-12,2\nada,LENS,FIT,surveyor,2026-06-16,3\n"]);
        $this->store->change(static fn (Data $data): array => $data->addTime('FIT', 'ada', '2026-06-11', 60, 'Before'));
        $this->sync($link);
        // What was imported goes there too.
        self::assertSame([['2026-06-11', 60], ['2026-06-16', 180]], array_map(static fn (array $time): array => [$time['day'], $time['minutes']], array_values($this->store->read()->times)));
        self::assertNull($this->entry('ada', 'FIT', '2026-06-11'));
    }

    /** @param  array<string, string>  $input */
    #[TestWith([['name' => ''], 'name'])]
    #[TestWith([['address' => 'https://10.0.0.1'], 'address'])]
    #[TestWith([['token' => 'wrong'], 'address'])]
    public function test_a_tracker_that_does_not_answer_is_not_added(array $input, string $field): void
    {
        $this->actingAs($this->person('kit'))->post('/office/trackers', $input + ['name' => 'Board', 'address' => 'https://tracker.example', 'token' => 'a token'])->assertSessionHasErrors($field);
        self::assertSame(0, Tracker::query()->count());
    }

    private function sync(TrackerLink $link): void
    {
        $this->app->make(SyncLink::class)->handle($link->refresh()->load('tracker', 'project', 'linkedBy'));
    }

    private function log(string $person, int $minutes, string $text): void
    {
        $this->store->change(static fn (Data $data): array => $data->addTime('FIT', $person, '2026-06-17', $minutes, $text));
    }

    private function record(int $minutes): void
    {
        $entry = $this->entry('ada', 'FIT', '2026-06-17');
        $this->actingAs($this->person('ada'))->putJson('/people/ada/week/2026-W25/cells', ['cells' => [['task' => $this->task('FIT')->id, 'role' => $this->person('ada')->role_id, 'date' => '2026-06-17', 'hours' => $minutes === 0 ? '' : $minutes.'m', 'seen' => $entry?->version]]])->assertJsonPath('cells.0.outcome', 'saved');
    }

    private function here(): int
    {
        return (int) Entry::query()->where('date', '2026-06-17')->sum('minutes');
    }

    private function there(): int
    {
        return array_sum(array_column($this->store->read()->times, 'minutes'));
    }
}
