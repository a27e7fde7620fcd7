<?php

declare(strict_types=1);

namespace App\Features\Load\Queries;

use App\Features\Load\Props\LoadCellProps;
use App\Features\Load\Props\LoadedPersonProps;
use App\Features\Load\Props\LoadSummaryProps;
use App\Features\Load\Requests\LoadQuestion;
use App\Features\Load\Requests\LoadUnit;
use App\Models\Person;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\PeriodUnit;
use Moss\Core\Planning\Workload;
use Moss\Core\Time\Minutes;

/** Who of somebody's people is most over their hours this week and next. */
final class LoadSummary
{
    private const WEEKS = 2;

    private const MOST = 5;

    public static function of(Person $reader, Day $today): LoadSummaryProps
    {
        $monday = PeriodUnit::Week->firstDay($today);
        $days = DayRange::between($monday, $monday->plusDays(7 * self::WEEKS - 1));
        $people = LoadedPeople::of($reader, new LoadQuestion(LoadUnit::Week, $days, 'over', [], [], [], null, null, 1));
        $loads = Workloads::of($people, $days, $today);
        $minutes = array_map(static fn (Workload $load): int => $load->over()->toInt(), $loads);
        $over = array_values(array_filter($people, static fn (LoadedPerson $person): bool => $minutes[$person->id] > 0));
        usort($over, static fn (LoadedPerson $one, LoadedPerson $other): int => $minutes[$other->id] <=> $minutes[$one->id]);

        return new LoadSummaryProps(
            $days->first()->toString(), $days->last()->toString(), count($people), count($over),
            Minutes::sum(array_map(static fn (Workload $load): Minutes => $load->free(), $loads))->toInt(),
            array_map(static fn (LoadedPerson $person): LoadedPersonProps => new LoadedPersonProps($person->code, $person->name, $person->team, $person->role, [LoadCellProps::of($loads[$person->id])]), array_slice($over, 0, self::MOST)),
        );
    }
}
