<?php

declare(strict_types=1);

namespace App\Features\PersonalData\Queries;

use App\Models\Organisation;
use App\Models\Person;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Builder;
use Moss\Core\Calendar\Day;

/** Whoever left so long ago that their data should no longer say who they were. */
final class LongGonePeople
{
    /** @return Builder<Person>|null null where nobody is anonymised */
    public static function on(Day $today): ?Builder
    {
        $months = Organisation::query()->sole()->anonymised_after;
        if ($months === null) {
            return null;
        }
        $before = (new DateTimeImmutable($today->toString()))->modify("first day of -$months months")->format('Y-m').'-01';

        return Person::query()->whereNull('anonymised_at')->where('ends_on', '<', $before)->orderBy('ends_on')->orderBy('id');
    }
}
