<?php

declare(strict_types=1);

namespace Demo;

use App\Features\Leave\Actions\LeaveInput;
use App\Features\Leave\Actions\RequestLeave;
use App\Models\Absence;
use App\Models\AbsenceKind;
use App\Models\Person;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\Week;
use Moss\Core\Leave\LeaveSpan;

/** Requests for leave that wait: a week away while work is planned, and an afternoon. */
final readonly class LeaveActs
{
    /** Person, weeks ahead at least, first and last weekday, from midday, note. */
    private const REQUESTS = [
        ['yusra.lindqvist', 1, 1, 4, false, 'My brother’s wedding.'],
        ['corin.ashdown', 1, 4, 4, true, ''],
        ['gideon.park', 2, 5, 5, false, 'Moving house.'],
    ];

    public function __construct(private RequestLeave $ask)
    {
    }

    public function handle(Day $today): void
    {
        $kind = AbsenceKind::query()->where('name', 'Leave')->sole();
        foreach (self::REQUESTS as [$person, $weeks, $first, $last, $fromMidday, $note]) {
            $owner = Person::query()->where('code', $person)->sole();
            $monday = self::freeWeek($owner, Week::containing($today)->plusWeeks($weeks))->monday();
            $this->ask->handle($owner, $owner, new LeaveInput($kind, LeaveSpan::over(DayRange::between($monday->plusDays($first - 1), $monday->plusDays($last - 1)), $fromMidday), $note));
        }
    }

    /** The first week from the given one on in which the person is not away yet. */
    private static function freeWeek(Person $person, Week $week): Week
    {
        while (Absence::query()->where('person_id', $person->id)->whereBetween('date', [$week->monday()->toString(), $week->sunday()->toString()])->exists()) {
            $week = $week->plusWeeks(1);
        }

        return $week;
    }
}
