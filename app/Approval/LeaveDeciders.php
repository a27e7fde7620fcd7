<?php

declare(strict_types=1);

namespace App\Approval;

use App\Models\Access;
use App\Models\LeaveRequest;
use App\Models\Person;
use App\Models\StandIn;
use App\Models\StandInProject;
use App\Support\Database\Sql;
use Illuminate\Database\Query\Builder;
use Moss\Core\Calendar\Day;
use Moss\Core\Leave\LeaveState;

/**
 * Who decides on somebody's leave: their line manager, whoever stands in for the line manager with everything, and where there is no
 * line manager the time office. The time office may always decide; nobody decides on their own.
 */
final class LeaveDeciders
{
    /** @return list<int> whose turn it is, for messages */
    public static function of(Person $owner, Day $today): array
    {
        $deciders = $owner->manager_id === null
            ? Person::query()->toBase()->where('access', Access::Office->value)->whereNull('disabled_at')->pluck('id')->all()
            : [$owner->manager_id, ...self::standIns($today)->where('stand_ins.person_id', $owner->manager_id)->pluck('stand_in_id')->all()];

        return array_values(array_unique(array_filter($deciders, static fn (mixed $id): bool => is_int($id) && $id !== $owner->id)));
    }

    public static function includes(Person $person, Person $owner, Day $today): bool
    {
        return ! $person->isViewer() && $person->id !== $owner->id && ($person->isOffice() || ($owner->manager_id !== null && (
            $owner->manager_id === $person->id || self::standIns($today)->where('stand_ins.person_id', $owner->manager_id)->where('stand_ins.stand_in_id', $person->id)->exists()
        )));
    }

    /** @return list<int> in whose places a person decides with everything */
    public static function stoodInFor(Person $person, Day $today): array
    {
        return array_values(array_filter(self::standIns($today)->where('stand_ins.stand_in_id', $person->id)->pluck('person_id')->all(), is_int(...)));
    }

    /** The requests that wait for a person. */
    public static function waiting(Person $person, Day $today): Builder
    {
        return LeaveRequest::query()->toBase()->join('people', 'people.id', 'leave_requests.person_id')
            ->where('leave_requests.state', Sql::value(LeaveState::Requested->value))
            ->where('leave_requests.person_id', '<>', $person->id)
            ->where(static fn (Builder $turn): Builder => $turn->where('people.manager_id', $person->id)
                ->when($person->mightStandIn(), static fn (Builder $others): Builder => $others->orWhereIn('people.manager_id', self::standIns($today)->where('stand_ins.stand_in_id', $person->id)->select('stand_ins.person_id')))
                ->when($person->isOffice(), static fn (Builder $office): Builder => $office->orWhereNull('people.manager_id')));
    }

    /** Those of the day who stand in with everything. */
    private static function standIns(Day $today): Builder
    {
        return StandIn::query()->toBase()->where('stand_ins.starts_on', '<=', $today->toString())->where('stand_ins.ends_on', '>=', $today->toString())
            ->whereNotExists(StandInProject::query()->toBase()->whereColumn('stand_in_projects.stand_in_id', 'stand_ins.id'));
    }
}
