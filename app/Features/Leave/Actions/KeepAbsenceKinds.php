<?php

declare(strict_types=1);

namespace App\Features\Leave\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Models\Absence;
use App\Models\AbsenceKind;
use App\Models\LeaveAllowance;
use App\Models\LeaveRequest;
use App\Models\Person;
use App\Support\Language\Wording;
use Illuminate\Support\Facades\DB;

/** Adds, changes and removes kinds of absence, and what single people may take of one. */
final readonly class KeepAbsenceKinds
{
    public function __construct(private AuditTrail $auditTrail)
    {
    }

    /** @param  array<string, string|bool|int|null>  $values  as the columns are called */
    public function add(Person $by, array $values): AbsenceKind
    {
        return DB::transaction(function () use ($by, $values): AbsenceKind {
            $kind = AbsenceKind::query()->create($values)->refresh();
            $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::AbsenceKind, $kind->name, 'add', $by, null, self::told($kind))]);

            return $kind;
        });
    }

    /** @param  array<string, string|bool|int|null>  $values */
    public function change(Person $by, AbsenceKind $kind, array $values): void
    {
        DB::transaction(function () use ($by, $kind, $values): void {
            $before = self::told($kind);
            $kind->update($values);
            $after = self::told($kind);
            $changed = array_keys(array_filter($before, static fn (string|int|null $value, string $field): bool => $after[$field] !== $value, ARRAY_FILTER_USE_BOTH));
            if ($changed !== []) {
                $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::AbsenceKind, $kind->name, 'change', $by, array_intersect_key($before, array_flip($changed)), array_intersect_key($after, array_flip($changed)))]);
            }
        });
    }

    /** @throws LeaveNotPossible where anything is of this kind */
    public function remove(Person $by, AbsenceKind $kind): void
    {
        DB::transaction(function () use ($by, $kind): void {
            foreach ([Absence::query(), LeaveRequest::query(), LeaveAllowance::query()] as $uses) {
                if ($uses->where('absence_kind_id', $kind->id)->exists()) {
                    throw LeaveNotPossible::used($kind->name);
                }
            }
            $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::AbsenceKind, $kind->name, 'remove', $by, self::told($kind), null)]);
            $kind->delete();
        });
    }

    public function setAllowance(Person $by, AbsenceKind $kind, Person $person, int $year, int $halfDays): void
    {
        DB::transaction(function () use ($by, $kind, $person, $year, $halfDays): void {
            $key = ['absence_kind_id' => $kind->id, 'person_id' => $person->id, 'year' => $year];
            $before = LeaveAllowance::query()->where($key)->first()?->half_days;
            LeaveAllowance::query()->updateOrCreate($key, ['half_days' => $halfDays]);
            if ($before !== $halfDays) {
                $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::AbsenceKind, $kind->name, 'set', $by, $before === null ? null : ['year' => $year, 'half_days' => $before], ['year' => $year, 'half_days' => $halfDays], $person->id)]);
            }
        });
    }

    public function removeAllowance(Person $by, LeaveAllowance $allowance): void
    {
        DB::transaction(function () use ($by, $allowance): void {
            $name = AbsenceKind::query()->whereKey($allowance->absence_kind_id)->sole()->name;
            $allowance->delete();
            $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::AbsenceKind, $name, 'remove', $by, ['year' => $allowance->year, 'half_days' => $allowance->half_days], null, $allowance->person_id)]);
        });
    }

    /** The kinds that an organisation begins with, in the language of its installation; each can be renamed. */
    public function addUsual(?Person $by): void
    {
        foreach ([['leave', 'everybody', true], ['sickness', 'managers', false], ['other', 'managers', true]] as [$class, $visibleTo, $needsApproval]) {
            $kind = AbsenceKind::query()->create(['name' => Wording::of('leave.usual.'.$class), 'counts_as' => $class, 'visible_to' => $visibleTo, 'needs_approval' => $needsApproval])->refresh();
            $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::AbsenceKind, $kind->name, 'add', $by, null, self::told($kind))]);
        }
    }

    /** @return array<string, string|int|null> */
    private static function told(AbsenceKind $kind): array
    {
        return [
            'name' => $kind->name, 'counts_as' => $kind->counts_as->value, 'visible_to' => $kind->visible_to->value, 'needs_approval' => $kind->needs_approval ? 'yes' : 'no',
            'allowance' => $kind->allowance, 'carried_at_most' => $kind->carried_at_most, 'allowance_from' => $kind->allowance_from, 'is_retired' => $kind->is_retired ? 'yes' : 'no',
        ];
    }
}
