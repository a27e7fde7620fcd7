<?php

declare(strict_types=1);

namespace Tests\App\Leave;

use App\Models\Absence;
use App\Models\AbsenceKind;
use App\Models\LeaveAllowance;
use App\Models\LeaveRequest;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\App\Lighthouse;
use Tests\App\TestCase;

/** The kinds of absence and their allowances. */
final class AbsenceKindsTest extends TestCase
{
    private const NEW = ['name' => 'Study', 'countsAs' => 'other', 'visibleTo' => 'everybody', 'needsApproval' => true, 'allowance' => '2,5', 'carried' => '1', 'from' => 2026];

    protected function setUp(): void
    {
        parent::setUp();
        $this->import(Lighthouse::files());
        $this->actingAs($this->person('kit'));
    }

    public function test_a_kind_is_added_changed_and_removed_while_nothing_is_of_it(): void
    {
        $this->post('/office/absence-kinds', self::NEW)->assertSessionHas('message', 'Study is added.');
        $study = AbsenceKind::query()->where('name', 'Study')->sole();
        self::assertSame([5, 2, 2026], [$study->allowance, $study->carried_at_most, $study->allowance_from]);

        $this->put("/office/absence-kinds/$study->id", ['name' => 'Study leave', 'allowance' => ''] + self::NEW)->assertSessionHas('message', 'Study leave is saved.');
        self::assertSame(['Study leave', null, null], [$study->refresh()->name, $study->allowance, $study->allowance_from]);
        $this->delete("/office/absence-kinds/$study->id")->assertSessionHas('message', 'Study leave is removed.');
        self::assertSame(['add', 'change', 'remove'], DB::table('audit_trail')->where('subject', 'absence kind')->orderBy('id')->pluck('act')->all());
    }

    /** @param  array<string, mixed>  $changed */
    #[TestWith([['name' => ''], 'name'])]
    #[TestWith([['name' => 'Leave'], 'name'])]
    #[TestWith([['countsAs' => 'fun'], 'countsAs'])]
    #[TestWith([['visibleTo' => 'me'], 'visibleTo'])]
    #[TestWith([['allowance' => '2.3'], 'allowance'])]
    #[TestWith([['allowance' => '-1'], 'allowance'])]
    #[TestWith([['carried' => 'all'], 'carried'])]
    #[TestWith([['from' => 1999], 'from'])]
    #[TestWith([['from' => ''], 'from'])]
    public function test_what_is_wrong_is_said(array $changed, string $field): void
    {
        $this->post('/office/absence-kinds', $changed + self::NEW)->assertSessionHasErrors($field);
        self::assertSame(1, AbsenceKind::query()->count());
    }

    public function test_a_kind_in_use_is_not_removed_but_renamed_and_retired_with_its_history(): void
    {
        $leave = AbsenceKind::query()->sole();
        $this->delete("/office/absence-kinds/$leave->id")->assertSessionHas('refusal', 'Leave is used, so it cannot be removed. Retire it, or merge it into another kind.');
        $this->put("/office/absence-kinds/$leave->id", ['name' => 'Annual leave', 'retired' => true] + self::NEW)->assertSessionHasNoErrors();

        self::assertSame('Annual leave', $this->given('/people/ada/week/2026-W25')->value('sheet.days.4.absences.0.kind'));
        $this->post('/leave/of/ada', ['kind' => $leave->id, 'first' => '2026-06-22', 'last' => '2026-06-22'])->assertSessionHasErrors(['first' => 'Annual leave can no longer be requested. Choose another kind.']);
        self::assertSame([], $this->given('/leave')->value('leave.kinds'));
    }

    public function test_kinds_are_merged_with_all_that_is_of_them(): void
    {
        $this->import(['absences.csv' => "person,date,hours,kind\nada,2026-06-19,1:30,Dentist\nada,2026-06-18,2,Dentist\nbo,2026-06-18,,Dentist\n"]);
        [$dentist, $leave] = [AbsenceKind::query()->where('name', 'Dentist')->sole(), AbsenceKind::query()->where('name', 'Leave')->sole()];
        $this->post('/leave/of/bo', ['kind' => $dentist->id, 'first' => '2026-06-22', 'last' => '2026-06-22']);
        foreach ([[$dentist, 'ada', '3'], [$leave, 'ada', '4'], [$dentist, 'bo', '5']] as [$kind, $person, $days]) {
            $this->post("/office/absence-kinds/$kind->id/allowances", ['person' => $person, 'year' => 2026, 'days' => $days])->assertSessionHasNoErrors();
        }
        $this->post("/office/absence-kinds/$dentist->id/merge", ['into' => $dentist->id])->assertSessionHas('refusal', 'Choose another kind to merge into.');
        $this->post("/office/absence-kinds/$dentist->id/merge", ['into' => $leave->id])->assertSessionHas('message', 'Dentist is merged into Leave.');

        self::assertSame(['Leave'], AbsenceKind::query()->pluck('name')->all());
        self::assertSame([['2026-06-18', 120], ['2026-06-19', 330]], Absence::query()->where('person_id', $this->person('ada')->id)->orderBy('date')->get()->map(static fn (Absence $one): array => [$one->date->toString(), $one->minutes?->toInt()])->all());
        self::assertSame([2, $leave->id], [Absence::query()->where('person_id', $this->person('bo')->id)->whereNull('minutes')->count(), LeaveRequest::query()->sole()->absence_kind_id]);
        self::assertSame([[$this->person('ada')->id, 8], [$this->person('bo')->id, 10]], LeaveAllowance::query()->orderBy('person_id')->get()->map(static fn (LeaveAllowance $one): array => [$one->person_id, $one->half_days])->all());
    }

    public function test_a_person_can_have_another_allowance_and_the_usual_again(): void
    {
        $leave = AbsenceKind::query()->sole();
        $this->put("/office/absence-kinds/$leave->id", ['name' => 'Leave', 'allowance' => '25'] + self::NEW);
        $this->post("/office/absence-kinds/$leave->id/allowances", ['person' => 'ada', 'year' => 2026, 'days' => '30'])->assertSessionHas('message', 'The allowance of Ada Moor for 2026 is saved.');
        self::assertSame(58, $this->given('/leave/of/ada')->value('leave.balances.0.left'));
        self::assertSame(['Ada Moor'], self::each($this->given('/office/absence-kinds?year=2026')->value('absenceKinds.allowances'), 'person'));

        $this->delete('/office/allowances/'.LeaveAllowance::query()->sole()->id)->assertSessionHas('message', 'Ada Moor has the usual allowance for 2026 again.');
        self::assertSame(48, $this->given('/leave/of/ada')->value('leave.balances.0.left'));
    }
}
