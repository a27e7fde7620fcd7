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
use App\Support\Database\ShortSteps;
use Illuminate\Support\Facades\DB;

/** Gives everything of one kind of absence to another, in short steps; begun again, it goes on where it stopped. */
final readonly class MergeAbsenceKinds
{
    private const AT_ONCE = 200;

    public function __construct(private AuditTrail $auditTrail)
    {
    }

    public function handle(Person $by, AbsenceKind $kind, AbsenceKind $into): void
    {
        DB::transaction(function () use ($by, $kind, $into): void {
            // Nothing new comes while it goes on.
            $kind->update(['is_retired' => true]);
            $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::AbsenceKind, $kind->name, 'merge', $by, ['name' => $kind->name], ['name' => $into->name])]);
        });
        ShortSteps::run(static fn (): bool => self::someAbsences($kind, $into), null);
        ShortSteps::run(static fn (): bool => LeaveRequest::query()->whereIn('id', LeaveRequest::query()->where('absence_kind_id', $kind->id)->limit(self::AT_ONCE)->select('id'))->update(['absence_kind_id' => $into->id]) > 0, null);
        DB::transaction(static function () use ($kind, $into): void {
            // A person's allowance of the kind that stays holds.
            LeaveAllowance::query()->where('absence_kind_id', $kind->id)->whereExists(LeaveAllowance::query()->from('leave_allowances', 'kept')
                ->whereColumn('kept.person_id', 'leave_allowances.person_id')->whereColumn('kept.year', 'leave_allowances.year')->where('kept.absence_kind_id', $into->id)->toBase())->delete();
            LeaveAllowance::query()->where('absence_kind_id', $kind->id)->update(['absence_kind_id' => $into->id]);
            $kind->delete();
        });
    }

    /** Where a person has both on a day, the minutes of both are taken, or all of the day. */
    private static function someAbsences(AbsenceKind $kind, AbsenceKind $into): bool
    {
        $some = Absence::query()->where('absence_kind_id', $kind->id)->orderBy('id')->limit(self::AT_ONCE)->get();
        $there = Absence::query()->where('absence_kind_id', $into->id)->whereIn('person_id', $some->pluck('person_id'))->whereIn('date', $some->map(static fn (Absence $one): string => $one->date->toString()))
            ->get()->keyBy(static fn (Absence $one): string => $one->person_id.' '.$one->date->toString());
        $rows = [];
        foreach ($some as $one) {
            $other = $there->get($one->person_id.' '.$one->date->toString());
            $minutes = $one->minutes === null || ($other !== null && $other->minutes === null) ? null : min(1440, $one->minutes->toInt() + ($other?->minutes?->toInt() ?? 0));
            $rows[] = ['person_id' => $one->person_id, 'date' => $one->date->toString(), 'absence_kind_id' => $into->id, 'minutes' => $minutes];
        }
        Absence::query()->upsert($rows, ['person_id', 'date', 'absence_kind_id'], ['minutes']);
        Absence::query()->whereIntegerInRaw('id', $some->pluck('id')->all())->delete();

        return $some->count() === self::AT_ONCE;
    }
}
