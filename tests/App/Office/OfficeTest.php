<?php

declare(strict_types=1);

namespace Tests\App\Office;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Support\Database\Record;
use Illuminate\Support\Facades\DB;
use Inertia\Testing\AssertableInertia;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\App\Lighthouse;
use Tests\App\TestCase;

/** What the office sets, each with its audit trail. */
final class OfficeTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->import(Lighthouse::files(['entries.csv' => "person,project,task,role,date,hours,state\nada,LENS,FIT,surveyor,2026-06-16,11,submitted\nada,LENS,FIT,surveyor,2026-06-17,4,submitted\n"]));
        $this->actingAs($this->person('kit'));
    }

    public function test_a_rule_is_set_for_a_team_from_a_day_and_found_from_then_on(): void
    {
        $this->put('/office/rules', ['rule' => 'day_above', 'severity' => 'blocking', 'limit' => '10:30', 'from' => '2026-06-16', 'team' => 'field'])->assertSessionHas('message', 'Rule saved: Long day.');

        self::assertSame([['severity' => 'blocking', 'limit_number' => 630, 'starts_on' => '2026-06-16']], DB::table('house_rules')->get(['severity', 'limit_number', 'starts_on'])->map(static fn (object $row): array => (array) $row)->all());
        $this->get('/office/rules')->assertInertia(fn (AssertableInertia $page) => $page->where('houseRules.rules', fn ($rules): bool => in_array([
            ['id' => null, 'severity' => 'explanation', 'limit' => 720, 'from' => null, 'for' => null],
            ['id' => 1, 'severity' => 'blocking', 'limit' => 630, 'from' => '2026-06-16', 'for' => 'Field'],
        ], self::each($rules, 'settings'), true)));
        $this->put('/office/rules', ['rule' => 'day_above', 'severity' => 'blocking', 'limit' => '10.5', 'from' => '2026-06-16', 'team' => 'field']);
        $this->delete('/office/rules/1')->assertSessionHas('message');
        $this->delete('/office/rules/1');
        self::assertSame(['save', 'remove'], DB::table('audit_trail')->where('subject', 'rule')->orderBy('id')->pluck('act')->all());
    }

    public function test_what_a_rule_cannot_be_set_to_is_refused_with_what_it_can(): void
    {
        foreach ([
            [['limit' => '25'], 'Enter a limit from 1 to 24 hours.'],
            [['limit' => 'long'], 'Enter a limit from 1 to 24 hours.'],
            [['limit' => '10', 'project' => 'LENS'], 'This rule checks whole days and weeks, so it cannot be set for a single project.'],
            [['rule' => 'old_time', 'limit' => '0'], 'Enter a limit from 1 to 400 days.'],
        ] as [$change, $why]) {
            $this->from('/office/rules')->put('/office/rules', $change + ['rule' => 'day_above', 'severity' => 'explanation', 'limit' => '10'])->assertSessionHasErrors();
            $this->get('/office/rules')->assertInertia(fn (AssertableInertia $page) => $page->where('errors', fn ($errors): bool => str_contains(json_encode($errors, JSON_THROW_ON_ERROR), $why)));
        }
        foreach ([['severity' => 'shouts'], ['rule' => 'sleeping'], ['team' => 'none'], ['from' => 'soon']] as $change) {
            $this->from('/office/rules')->put('/office/rules', $change + ['rule' => 'day_above', 'severity' => 'explanation', 'limit' => '10'])->assertSessionHasErrors();
        }
        self::assertSame(0, DB::table('house_rules')->count());
    }

    public function test_time_on_a_task_of_others_can_be_allowed(): void
    {
        $save = fn () => $this->actingAs($this->person('bo'))->putJson('/people/bo/week/2026-W25/cells', ['cells' => [['task' => $this->task('FIT')->id, 'date' => '2026-06-17', 'hours' => '1', 'seen' => null]]]);
        $save()->assertJsonPath('cells.0.outcome', 'refused');
        $this->actingAs($this->person('bo'))->getJson('/people/bo/week/2026-W25/lines?search=fit')->assertOk()->assertJsonMissing(['taskCode' => 'FIT']);
        $this->actingAs($this->person('kit'))->put('/office/rules', ['rule' => 'not_assigned', 'severity' => 'explanation']);

        $save()->assertJsonPath('cells.0.outcome', 'saved');
        self::assertContains('not_assigned', array_column((array) $this->getJson('/people/bo/week/2026-W25/findings')->json('findings'), 'rule'));
    }

    public function test_questions_are_asked_and_ended_and_what_was_answered_stays(): void
    {
        $this->post('/office/questions', ['wording' => ' Boat used ', 'kind' => 'choice', 'choices' => "Gull\nTern, Gull", 'required' => true, 'from' => '2026-06-01'])->assertSessionHas('message');
        $this->from('/office/questions')->post('/office/questions', ['wording' => 'Which?', 'kind' => 'choice', 'required' => false, 'from' => '2026-06-01'])->assertSessionHasErrors('choices');
        $this->get('/office/questions')->assertInertia(fn (AssertableInertia $page) => $page->has('questions', 1)->where('questions.0.wording', 'Boat used')->where('questions.0.choices', ['Gull', 'Tern']));
        DB::table('answers')->insert(['question_id' => 1, 'person_id' => $this->person('ada')->id, 'week' => '2026-W24', 'answer' => 'Gull']);

        $this->delete('/office/questions/1')->assertSessionHas('message');
        $this->get('/office/questions')->assertInertia(fn (AssertableInertia $page) => $page->where('questions.0.to', '2026-06-14')->where('questions.0.answers', 1));
        $this->post('/office/questions', ['wording' => 'Later', 'kind' => 'text', 'required' => false, 'from' => '2026-07-01']);
        $this->delete('/office/questions/2');
        self::assertSame(['Boat used'], DB::table('questions')->pluck('wording')->all());
        self::assertSame(['add', 'end', 'add', 'end'], DB::table('audit_trail')->where('subject', 'question')->orderBy('id')->pluck('act')->all());
    }

    public function test_a_changed_route_takes_what_waits_along(): void
    {
        $approvers = static fn (): array => DB::table('entries')->join('people', 'people.id', 'entries.approver_id')->distinct()->pluck('people.code')->all();
        self::assertSame(['mo'], $approvers());
        $this->put('/office/routes/LENS', ['route' => 'line'])->assertSessionHas('message');
        self::assertSame(['lee'], $approvers());
        $this->put('/office/routes/LENS', [])->assertSessionHas('message');
        $this->put('/office/routes', ['route' => 'project+line', 'selfApprove' => true])->assertSessionHas('message');
        $this->from('/office/routes')->put('/office/routes', ['route' => 'everybody'])->assertSessionHasErrors('route');

        $this->get('/office/routes?search=lens')->assertInertia(fn (AssertableInertia $page) => $page
            ->where('routes.default', 'project+line')->where('routes.selfApprove', true)->where('routes.projectCount', 1)
            ->where('routes.projects.0', ['code' => 'LENS', 'name' => 'Lens refit', 'manager' => 'Mo Fell', 'route' => null, 'waiting' => 2])
            ->where('routes.withoutManager', ['Bo Carr', 'Kit Ness', 'Lee Tor']));
        self::assertSame(['route', 'route', 'setting'], DB::table('audit_trail')->where('act', 'save')->orderBy('id')->pluck('subject')->all());
    }

    public function test_the_audit_trail_is_searched_by_text_subject_and_days(): void
    {
        $this->put('/office/routes/LENS', ['route' => 'line']);
        $entry = $this->entry('ada', 'FIT', '2026-06-16');
        $this->actingAs($this->person('lee'))->post('/review/decisions', ['decision' => 'return', 'comment' => 'Which lens?', 'entries' => [['id' => $entry?->id, 'version' => $entry?->version]]]);
        $this->actingAs($this->person('kit'));

        foreach (['?search=lens+which' => ['return'], '?search=tor' => ['return'], '?subject=route' => ['save'], '?search=%25' => [], '?from=2026-06-18' => [], '?to=2026-06-16' => [], '?subject=moon&from=soon&search=2026-06-16' => ['return']] as $query => $acts) {
            $this->get('/office/audit-trail'.$query)->assertOk()->assertInertia(fn (AssertableInertia $page) => $page->where('auditTrail.rows', fn ($rows): bool => self::each($rows, 'act') === $acts));
        }
        $this->get('/office/audit-trail?search=lens+which')->assertInertia(fn (AssertableInertia $page) => $page
            ->where('auditTrail.rows.0.actor', 'Lee Tor')->where('auditTrail.rows.0.person', 'Ada Moor')->where('auditTrail.rows.0.on', 'Fit the lens, Lens refit')
            ->where('auditTrail.rows.0.why', 'Which lens?')->where('auditTrail.rows.0.changes.0', ['what' => 'state', 'before' => 'submitted', 'after' => 'returned']));
    }

    /** @param  array<string, int|string|null>|null  $before
     * @param  array<string, int|string|null>|null  $after
     * @param  list<array{string, string|null, string|null}>  $changes
     */
    #[DataProvider('changes')]
    public function test_a_change_is_told_as_its_reader_understands_it(?array $before, ?array $after, array $changes): void
    {
        $lee = $this->person('lee')->id;
        $coast = Record::all(DB::table('calendars')->select('id')->where('code', 'coast'))[0]->int('id');
        $named = static fn (?array $values): ?array => $values === null ? null : array_map(static fn (mixed $value): mixed => ['lee' => $lee, 'coast' => $coast][$value] ?? $value, $values);
        DB::transaction(fn () => app(AuditTrail::class)->of([AuditTrailLine::on(AuditTrailSubject::Project, 'LENS', 'change', $this->person('kit'), $named($before), $named($after))]));

        $this->get('/office/audit-trail?subject=project')->assertInertia(fn (AssertableInertia $page) => $page
            ->where('auditTrail.rows.0.changes', fn ($rows): bool => array_map(null, self::each($rows, 'what'), self::each($rows, 'before'), self::each($rows, 'after')) === $changes));
    }

    /** @return iterable<string, array{array<string, int|string|null>|null, array<string, int|string|null>|null, list<array{string, string|null, string|null}>}> */
    public static function changes(): iterable
    {
        yield 'hours' => [['minutes' => 90], ['minutes' => 75], [['hours', "1.5\u{A0}h", "1.25\u{A0}h"]]];
        yield 'money' => [['budget_cents' => null], ['budget_cents' => 123450], [['budget', null, '1,234.50']]];
        yield 'a day' => [['ends_on' => '2026-06-17'], ['ends_on' => null], [['last day', '17 Jun 2026', null]]];
        yield 'a name of ours' => [['state' => 'submitted'], ['state' => 'returned'], [['state', 'submitted', 'returned']]];
        yield 'a switch' => [['self_approve' => 0], ['self_approve' => 1], [['automatic approval', 'no', 'yes']]];
        yield 'a calendar' => [['calendar_id' => null], ['calendar_id' => 'coast'], [['calendar', null, 'coast']]];
        yield 'somebody' => [['approver_id' => null], ['approver_id' => 'lee'], [['approver', null, 'Lee Tor']]];
        yield 'somebody who is gone' => [['approver_id' => 99999], ['approver_id' => null], [['approver', '#99999', null]]];
        yield 'somebody by their code' => [['manager' => 'ada'], ['manager' => 'nobody-now'], [['manager', 'Ada Moor', 'nobody-now']]];
        yield 'a first day and an access level' => [null, ['first day' => '2026-06-17', 'access' => 'office'], [['first day', null, '17 Jun 2026'], ['access', null, 'time office']]];
        yield 'a week' => [null, ['week' => '2026-W25'], [['week', null, 'week 25']]];
        yield 'what somebody wrote stays as it is' => [['note' => 'approve'], ['note' => '2026-06-17'], [['team note', 'approve', '2026-06-17']]];
        yield 'what stayed the same is not told' => [['minutes' => 60, 'state' => 'draft'], ['minutes' => 60, 'state' => 'draft'], []];
        yield 'an import' => [null, ['tasks.csv' => '3 new, 1 changed, 5 the same', 'roles.csv' => '0 new, 0 changed, 2 the same'], [['tasks.csv', null, '3 added, 1 changed'], ['roles.csv', null, 'unchanged']]];
    }

    /** @param  array{string, string|null}  $told */
    #[TestWith([AuditTrailSubject::Task, 'LENS/FIT', null, ['Fit the lens, Lens refit', null]])]
    #[TestWith([AuditTrailSubject::Assignment, 'LENS/FIT', 'ada', ['Fit the lens, Lens refit', 'Ada Moor']])]
    #[TestWith([AuditTrailSubject::Task, 'LENS/GONE', null, ['LENS/GONE', null]])]
    #[TestWith([AuditTrailSubject::Task, 'ODD', null, ['ODD', null]])]
    #[TestWith([AuditTrailSubject::Project, 'LENS', null, ['Lens refit', null]])]
    #[TestWith([AuditTrailSubject::Route, 'LENS', null, ['Lens refit', null]])]
    #[TestWith([AuditTrailSubject::Access, 'ada', 'ada', ['Ada Moor', null]])]
    #[TestWith([AuditTrailSubject::Team, 'field', null, ['Field', null]])]
    #[TestWith([AuditTrailSubject::Setting, 'intake', null, ['requests for work', null]])]
    public function test_a_line_says_by_name_what_it_is_about(AuditTrailSubject $subject, string $code, ?string $owner, array $told): void
    {
        DB::transaction(fn () => app(AuditTrail::class)->of([AuditTrailLine::on($subject, $code, 'change', $this->person('kit'), null, null, $owner === null ? null : $this->person($owner)->id)]));
        $this->get('/office/audit-trail')->assertInertia(fn (AssertableInertia $page) => $page->where('auditTrail.rows.0.on', $told[0])->where('auditTrail.rows.0.person', $told[1]));
    }

    public function test_a_long_audit_trail_is_paged(): void
    {
        foreach (['Task', 'Other'] as $name) {
            $this->import(['tasks.csv' => "project,task,name\n".implode('', array_map(static fn (int $number): string => "LENS,T$number,$name $number\n", range(1, 130)))]);
        }

        $before = null;
        $seen = 0;
        do {
            $this->get('/office/audit-trail'.($before === null ? '' : '?before='.$before))->assertInertia(function (AssertableInertia $page) use (&$before, &$seen): void {
                $page->where('auditTrail.rows', function ($rows) use (&$seen): bool {
                    $seen += count(self::each($rows, 'id'));

                    return true;
                })->where('auditTrail.before', function (?int $next) use (&$before): bool {
                    $before = $next;

                    return true;
                });
            });
        } while ($before !== null);

        self::assertSame(DB::table('audit_trail')->count(), $seen);
    }
}
