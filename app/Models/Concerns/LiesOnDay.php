<?php

declare(strict_types=1);

namespace App\Models\Concerns;

use Illuminate\Database\Eloquent\Builder;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\Week;

/** Rows that lie on a day. */
trait LiesOnDay
{
    /**
     * Those of a week.
     *
     * @param  Builder<static>  $query
     */
    public function scopeInWeek(Builder $query, Week $week): void
    {
        $this->scopeDuring($query, $week->days());
    }

    /**
     * Those of some days.
     *
     * @param  Builder<static>  $query
     */
    public function scopeDuring(Builder $query, DayRange $days): void
    {
        $query->whereBetween($this->qualifyColumn('date'), [$days->first(), $days->last()]);
    }
}
