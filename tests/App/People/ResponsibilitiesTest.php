<?php

declare(strict_types=1);

namespace Tests\App\People;

use App\Models\AbsenceKind;
use App\Models\Correction;
use App\Models\Entry;
use App\Models\Expense;
use App\Models\ExpenseCategory;
use App\Models\LeaveRequest;
use App\Models\ProposedEstimate;
use Illuminate\Support\Facades\DB;
use Tests\App\Lighthouse;
use Tests\App\TestCase;

/** What depends on somebody who leaves. Today is Wednesday 17 June 2026. */
final class ResponsibilitiesTest extends TestCase
{
    private const ENTRIES = "person,project,task,role,date,hours,state\nada,LENS,FIT,surveyor,2026-06-16,8,submitted\nada,LENS,CLEAN,,2026-06-17,2,draft\nada,LENS,CLEAN,,2026-06-09,1,draft\nmo,OWN,TRAIN,,2026-06-16,1,draft\n";

    protected function setUp(): void
    {
        parent::setUp();
        $this->import(Lighthouse::files(['entries.csv' => self::ENTRIES]));
        $this->actingAs($this->person('kit'));
    }

    public function test_what_somebody_would_leave_behind_is_shown(): void
    {
        $mo = $this->given('/office/people/of/mo/responsibilities');
        self::assertSame([1, 1, ['LENS'], [], []], [$mo->int('responsibilities.openWeeks'), $mo->int('responsibilities.entries'), self::each($mo->value('responsibilities.projects'), 'code'), $mo->value('responsibilities.teams'), $mo->value('responsibilities.reports')]);
        $lee = $this->given('/office/people/of/lee/responsibilities');
        self::assertSame([['field'], ['ada', 'mo'], 0], [self::each($lee->value('responsibilities.teams'), 'code'), self::each($lee->value('responsibilities.reports'), 'code'), $lee->int('responsibilities.entries')]);

        $ada = $this->person('ada');
        $planned = $this->given('/office/people/of/ada/responsibilities')->int('responsibilities.plannedAfter');
        self::assertGreaterThan(0, $planned);
        $ada->update(['ends_on' => '2026-07-31']);
        self::assertSame([2, 0], [$this->given('/office/people/of/ada/responsibilities')->int('responsibilities.openWeeks'), $this->given('/office/people/of/ada/responsibilities')->int('responsibilities.plannedAfter')]);
    }

    public function test_all_that_waits_for_somebody_is_counted(): void
    {
        DB::table('entries')->where('date', '2026-06-16')->where('minutes', 480)->update(['state' => 'approved', 'approver_id' => null]);
        $fit = $this->task('FIT');
        $of = ['person_id' => $this->person('ada')->id, 'task_id' => $fit->id];
        Correction::query()->create($of + [
            'entry_id' => Entry::query()->where('state', 'approved')->sole()->id, 'role_id' => null, 'date' => '2026-06-16', 'proposed_by_id' => $of['person_id'], 'proposed_at' => '2026-06-17T08:00:00Z',
            'minutes_before' => 480, 'minutes' => 420, 'reason' => 'Left early', 'state' => 'waiting', 'approver_id' => $this->person('mo')->id,
        ]);
        LeaveRequest::query()->create([
            'person_id' => $of['person_id'], 'absence_kind_id' => AbsenceKind::query()->firstOrFail()->id, 'starts_on' => '2026-07-01', 'ends_on' => '2026-07-02', 'from_midday' => false, 'until_midday' => false,
            'note' => '', 'state' => 'requested', 'requested_by_id' => $of['person_id'], 'requested_at' => '2026-06-17T08:00:00Z',
        ]);

        $spent = $of + ['expense_category_id' => ExpenseCategory::query()->create(['code' => 'train', 'name' => 'Train', 'charged' => true])->id, 'date' => '2026-06-16', 'gross_minor' => 100, 'gross_cents' => 100, 'cost_cents' => 100];
        Expense::query()->create($spent + ['state' => 'submitted', 'approver_id' => $this->person('mo')->id]);
        Expense::query()->create($spent);
        ProposedEstimate::query()->create($of + [
            'estimated_on' => '2026-06-17', 'entered_at' => '2026-06-17T08:00:00Z', 'entered_by_id' => $of['person_id'], 'remaining_minutes' => 600, 'done' => false, 'reason' => 'More to do', 'state' => 'waiting', 'comment' => '',
        ]);

        self::assertSame(1, $this->given('/office/people/of/ada/responsibilities')->int('responsibilities.openExpenses'));
        self::assertSame([0, 1, 1, 1, 0], $this->waitingFor('mo'));
        self::assertSame([0, 0, 0, 0, 1], $this->waitingFor('lee'));
        $this->post('/office/people/of/mo/responsibilities', ['to' => 'lee'])->assertSessionHasNoErrors();
        self::assertSame([[0, 0, 0, 0, 0], [0, 1, 1, 1, 1]], [$this->waitingFor('mo'), $this->waitingFor('lee')]);
    }

    public function test_projects_teams_people_and_what_waits_go_to_somebody_else(): void
    {
        $this->post('/office/people/of/mo/responsibilities', ['to' => 'lee'])->assertSessionHas('message', 'The responsibilities of Mo Fell are now with Lee Tor.');

        self::assertSame(['lee', 'mo'], [$this->task('FIT')->project->manager->code, $this->task('SCRAP')->project->manager->code]);
        self::assertSame($this->person('lee')->id, Entry::query()->where('state', 'submitted')->sole()->approver_id);
        $told = DB::table('audit_trail')->where('subject', 'project')->where('name', 'LENS')->orderByDesc('id')->first();
        self::assertSame(['{"manager":"mo"}', '{"manager":"lee"}'], [$told?->before, $told?->after]);
        self::assertSame(0, $this->given('/office/people/of/mo/responsibilities')->int('responsibilities.entries'));
    }

    public function test_whoever_takes_over_is_not_their_own_line_manager(): void
    {
        $this->person('lee')->update(['manager_id' => $this->person('kit')->id]);
        $this->post('/office/people/of/lee/responsibilities', ['to' => 'mo'])->assertSessionHasNoErrors();

        self::assertSame(['mo', 'kit', 'mo'], [$this->person('ada')->manager?->code, $this->person('mo')->manager?->code, $this->person('ada')->team?->lead?->code]);
    }

    public function test_nobody_who_is_gone_reads_only_or_is_the_same_takes_over(): void
    {
        $this->person('bo')->update(['ends_on' => '2026-06-16']);
        foreach (['mo', 'vic', 'bo', 'nobody', ''] as $to) {
            $this->post('/office/people/of/mo/responsibilities', ['to' => $to])->assertSessionHasErrors(['to' => __('organisation.transfer_to')]);
        }
        self::assertSame('mo', $this->task('FIT')->project->manager->code);
    }

    public function test_another_line_manager_decides_on_what_waits(): void
    {
        DB::table('organisations')->update(['approval' => 'line']);
        $this->app->make(\App\Approval\RouteWaitingEntries::class)->handle();
        self::assertSame($this->person('lee')->id, Entry::query()->where('state', 'submitted')->sole()->approver_id);

        $this->put('/office/people/of/ada', ['name' => 'Ada Moor', 'email' => 'ada@lighthouse.example', 'access' => 'member', 'manager' => 'bo', 'team' => 'field', 'role' => 'surveyor', 'ownPattern' => true, 'pattern' => ['8', '8', '8', '8', '6', '0', '0']])->assertSessionHasNoErrors();
        self::assertSame($this->person('bo')->id, Entry::query()->where('state', 'submitted')->sole()->approver_id);
    }

    /** @return list<int> entries, corrections, expenses, remaining estimates and leave requests that wait for somebody */
    private function waitingFor(string $person): array
    {
        $page = $this->given('/office/people/of/'.$person.'/responsibilities');

        return array_map(static fn (string $what): int => $page->int('responsibilities.'.$what), ['entries', 'corrections', 'expenses', 'estimates', 'leave']);
    }
}
