<?php

declare(strict_types=1);

namespace App\Features\Leave\Queries;

use App\Features\Leave\Props\AbsenceKindRowProps;
use App\Features\Leave\Props\AbsenceKindsProps;
use App\Features\Leave\Props\OwnAllowanceProps;
use App\Models\Absence;
use App\Models\AbsenceKind;
use App\Models\LeaveAllowance;
use App\Models\LeaveRequest;
use App\Support\Database\Rows;
use Illuminate\Database\Eloquent\Builder as EloquentBuilder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Query\Builder;

/** The kinds of absence with what holds for each, and single people's allowances of a year, a page at a time. */
final class AbsenceKindList
{
    private const AT_ONCE = 50;

    public function of(int $year, int $page): AbsenceKindsProps
    {
        $kinds = AbsenceKind::query()->orderBy('is_retired')->orderBy('name')->get();
        /** @param  EloquentBuilder<covariant Model>  $uses */
        $of = static fn (EloquentBuilder $uses): Builder => $uses->toBase()->whereColumn('absence_kind_id', 'absence_kinds.id');
        $used = AbsenceKind::query()->whereExists($of(Absence::query()))->orWhereExists($of(LeaveRequest::query()))->orWhereExists($of(LeaveAllowance::query()))->pluck('id')->all();
        $allowances = LeaveAllowance::query()->toBase()->where('year', $year);
        $pages = max(1, (int) ceil((clone $allowances)->count() / self::AT_ONCE));

        return new AbsenceKindsProps(
            array_values(array_map(static fn (AbsenceKind $kind): AbsenceKindRowProps => new AbsenceKindRowProps(
                $kind->id, $kind->name, $kind->counts_as, $kind->visible_to, $kind->needs_approval, $kind->allowance, $kind->carried_at_most, $kind->allowance_from, $kind->is_retired, in_array($kind->id, $used, true),
            ), $kinds->all())),
            Rows::of(OwnAllowanceProps::class, $allowances->join('people', 'people.id', 'leave_allowances.person_id')->join('absence_kinds', 'absence_kinds.id', 'leave_allowances.absence_kind_id')
                ->orderBy('people.name')->orderBy('leave_allowances.id')->forPage(min($page, $pages), self::AT_ONCE)
                ->select('leave_allowances.id', 'absence_kinds.name AS kind', 'people.name AS person', 'leave_allowances.year', 'leave_allowances.half_days')),
            $year,
            min($page, $pages),
            $pages,
        );
    }
}
