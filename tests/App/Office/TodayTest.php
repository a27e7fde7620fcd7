<?php

declare(strict_types=1);

namespace Tests\App\Office;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Models\Person;
use Illuminate\Support\Facades\DB;
use Inertia\Testing\AssertableInertia;
use Tests\App\Lighthouse;
use Tests\App\TestCase;

final class TodayTest extends TestCase
{
    private const ENTRIES = "person,project,task,role,date,hours,state\nada,LENS,FIT,surveyor,2026-05-29,8,submitted\nada,LENS,FIT,surveyor,2026-06-10,8,draft\n";

    protected function setUp(): void
    {
        parent::setUp();
        $this->import(Lighthouse::files(['entries.csv' => self::ENTRIES]));
    }

    public function test_what_needs_the_office_is_counted_and_each_setting_says_when_it_was_changed(): void
    {
        $kit = $this->actingAs($this->person('kit'));
        DB::table('failed_jobs')->insert(['uuid' => 'one', 'connection' => 'database', 'queue' => 'default', 'payload' => '{}', 'exception' => 'the mail server was away']);
        $kit->put('/office/rules', ['rule' => 'note_short', 'severity' => 'information', 'limit' => '8', 'from' => '2026-06-22', 'team' => null, 'project' => null])->assertRedirect();

        $kit->get('/office')->assertOk()->assertInertia(static fn (AssertableInertia $page) => $page->component('Office')
            ->where('needs.period', ['until' => '2026-05-31', 'open' => 1])
            ->where('needs.estimates', 0)
            ->where('needs.failed', 1)
            ->where('needs.settings.1.name', 'rules')
            ->where('needs.settings.1.changedBy', 'Kit Ness')
            ->where('needs.settings.3', ['name' => 'routes', 'changedAt' => null, 'changedBy' => null])
            ->missing('lateWeek')
            ->loadDeferredProps(static fn (AssertableInertia $deferred) => $deferred
                ->where('lateWeek.week', '2026-W24')
                ->where('lateWeek.isOverdue', true)
                ->where('lateWeek.missing', static fn (mixed $missing): bool => is_int($missing) && $missing > 0)));
    }

    public function test_the_last_change_counts_of_whichever_sort_it_was_and_an_answer_is_none(): void
    {
        [$kit, $lee] = [$this->person('kit'), $this->person('lee')];
        $this->traced(AuditTrailSubject::Period, '2026-04-30', 'close', $kit);
        $this->traced(AuditTrailSubject::Setting, 'week due', 'save', $lee);
        $this->traced(AuditTrailSubject::Question, 'Which harbour?', 'save', $kit);
        $this->traced(AuditTrailSubject::Question, 'Which harbour?', 'answer', $lee);
        $this->actingAs($kit)->get('/office')->assertInertia(static fn (AssertableInertia $page) => $page
            ->where('needs.settings.0.name', 'periods')->where('needs.settings.0.changedBy', 'Lee Tor')
            ->where('needs.settings.2.name', 'questions')->where('needs.settings.2.changedBy', 'Kit Ness')
            ->where('needs.settings.3.changedBy', null));

        $this->traced(AuditTrailSubject::Period, '2026-05-31', 'close', $kit);

        $this->get('/office')->assertInertia(static fn (AssertableInertia $page) => $page->where('needs.settings.0.changedBy', 'Kit Ness'));
    }

    private function traced(AuditTrailSubject $subject, string $name, string $act, Person $by): void
    {
        DB::transaction(fn () => $this->app->make(AuditTrail::class)->of([AuditTrailLine::on($subject, $name, $act, $by, null, [])]));
    }

    public function test_a_closed_month_asks_for_nothing(): void
    {
        DB::table('organisations')->update(['closed_until' => '2026-05-31']);

        $this->actingAs($this->person('kit'))->get('/office')->assertInertia(static fn (AssertableInertia $page) => $page->where('needs.period', null));
    }
}
