<?php

declare(strict_types=1);

namespace App\Features\Leave\Queries;

use App\Approval\LeaveDeciders;
use App\Effort\WorkingTime;
use App\Features\Leave\Props\LeaveBalanceProps;
use App\Features\Leave\Props\WaitingLeaveProps;
use App\Lookup\Props\OptionProps;
use App\Models\Absence;
use App\Models\LeaveRequest;
use App\Models\Person;
use App\Support\Database\Record;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;

/** The requests for leave that wait for somebody, the first to begin first, in a fixed number of queries. */
final readonly class LeaveDesk
{
    private const AT_ONCE = 50;

    /** Whether anybody's leave is a person's to decide. */
    public function decidesForAnybody(Person $person, Day $today): bool
    {
        return $person->isOffice() || Person::query()->where('manager_id', $person->id)->exists() || LeaveDeciders::waiting($person, $today)->exists();
    }

    /** @return list<WaitingLeaveProps> at most fifty */
    public function waiting(Person $reader, Day $today): array
    {
        $ids = LeaveDeciders::waiting($reader, $today)->orderBy('leave_requests.starts_on')->orderBy('leave_requests.id')->limit(self::AT_ONCE)->pluck('leave_requests.id')->all();
        $requests = array_values(LeaveRequest::query()->with(['kind', 'decidedBy', 'person.manager'])->whereIn('id', $ids)->orderBy('starts_on')->orderBy('id')->get()->all());
        if ($requests === []) {
            return [];
        }
        $people = array_values(array_combine(array_map(static fn (LeaveRequest $request): int => $request->person_id, $requests), array_map(static fn (LeaveRequest $request): Person => $request->person, $requests)));
        $days = DayRange::between($requests[0]->starts_on, Day::of(max(array_map(static fn (LeaveRequest $request): string => $request->ends_on->toString(), $requests))));
        $working = WorkingTime::load();
        $planned = PlannedWork::load($people, $days);
        $balances = LeaveBalances::load($people, $days->last()->year());
        $away = self::away($people, $days);
        $props = [];
        foreach ($requests as $request) {
            $owner = $request->person;
            $capacity = $working->capacity($owner->pattern, $owner->calendar_id);
            $balance = $balances->of($owner, $request->absence_kind_id, $request->starts_on->year());
            $props[] = new WaitingLeaveProps(
                new OptionProps($owner->code, $owner->name),
                LeaveRows::of($request, $owner, $capacity, $working->organisation()->closed_until),
                $request->requested_at,
                $owner->manager !== null && $owner->manager_id !== $reader->id ? $owner->manager->name : null,
                $planned->on($owner, $request->span()->days($capacity, $owner->employment())),
                self::others($away, $request),
                $balance === null ? null : LeaveBalanceProps::of($request->kind->name, $balance),
            );
        }

        return $props;
    }

    /**
     * @param  list<Person>  $people
     * @return list<Record> absences in their teams, with the name of the person
     */
    private static function away(array $people, DayRange $days): array
    {
        $teams = array_values(array_unique(array_filter(array_map(static fn (Person $person): ?int => $person->team_id, $people))));

        return Record::all(Absence::during($days)->join('people', 'people.id', 'absences.person_id')->whereIntegerInRaw('people.team_id', $teams)->addSelect('people.name', 'people.team_id'));
    }

    /**
     * @param  list<Record>  $away
     * @return list<string>
     */
    private static function others(array $away, LeaveRequest $request): array
    {
        $names = [];
        foreach ($away as $absence) {
            if ($absence->int('team_id') === $request->person->team_id && $absence->int('person_id') !== $request->person_id && $request->span()->days->includes(Day::of($absence->string('date')))) {
                $names[$absence->string('name')] = true;
            }
        }
        ksort($names);

        return array_map(strval(...), array_keys($names));
    }
}
