<?php

declare(strict_types=1);

namespace App\Features\Leave\Queries;

use App\Effort\WorkingTime;
use App\Features\Leave\Props\AbsenceKindOptionProps;
use App\Features\Leave\Props\LeaveBalanceProps;
use App\Features\Leave\Props\LeaveProps;
use App\Features\Leave\Props\LeaveRequestProps;
use App\Lookup\Props\OptionProps;
use App\Models\AbsenceClass;
use App\Models\AbsenceKind;
use App\Models\LeaveRequest;
use App\Models\Person;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;

/** What a person asked for, took and has left in a year, in a fixed number of queries. */
final readonly class LeavePage
{
    public function __construct(private LeaveDesk $desk)
    {
    }

    public function of(Person $reader, Person $owner, int $year, Day $today): LeaveProps
    {
        $working = WorkingTime::load();
        $capacity = $working->capacity($owner->pattern, $owner->calendar_id);
        $days = DayRange::between(Day::of("$year-01-01"), Day::of("$year-12-31"));
        $requests = array_values(LeaveRequest::query()->with(['kind', 'decidedBy'])->where('person_id', $owner->id)
            ->where('starts_on', '<=', $days->last()->toString())->where('ends_on', '>=', $days->first()->toString())->get()->all());
        $rows = [
            ...array_map(static fn (LeaveRequest $request): LeaveRequestProps => LeaveRows::of($request, $owner, $capacity, $working->organisation()->closed_until), $requests),
            ...RecordedAbsences::of($owner, $days, $capacity, $requests),
        ];
        usort($rows, static fn (LeaveRequestProps $one, LeaveRequestProps $other): int => [$other->first, $other->id ?? 0] <=> [$one->first, $one->id ?? 0]);

        return new LeaveProps(
            new OptionProps($owner->code, $owner->name),
            $owner->id === $reader->id,
            $this->desk->decidesForAnybody($reader, $today),
            $year,
            self::kinds(),
            self::balances($owner, $year),
            $rows,
            $owner->loadMissing('manager')->manager?->name,
        );
    }

    /** @return list<AbsenceKindOptionProps> those that can be asked for: leave first, then by name */
    public static function kinds(): array
    {
        return array_values(array_map(
            static fn (AbsenceKind $kind): AbsenceKindOptionProps => new AbsenceKindOptionProps($kind->id, $kind->name, $kind->needs_approval),
            AbsenceKind::query()->where('is_retired', false)->orderBy('name')->get()->sortByDesc(static fn (AbsenceKind $kind): bool => $kind->counts_as === AbsenceClass::Leave)->all(),
        ));
    }

    /** @return list<LeaveBalanceProps> */
    private static function balances(Person $owner, int $year): array
    {
        $balances = LeaveBalances::load([$owner], $year);
        $props = [];
        foreach ($balances->kinds() as $kind) {
            $balance = $balances->of($owner, $kind->id, $year);
            if ($balance !== null) {
                $props[] = LeaveBalanceProps::of($kind->name, $balance);
            }
        }

        return $props;
    }
}
