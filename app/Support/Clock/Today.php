<?php

declare(strict_types=1);

namespace App\Support\Clock;

use App\Models\Person;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Support\Carbon;
use Moss\Core\Calendar\DateLimits;
use Moss\Core\Calendar\Day;

/**
 * The one place that knows what day it is; everything else is told.
 */
final readonly class Today
{
    /** @param  string|null  $fixed  `YYYY-MM-DD`; null for the real day */
    public function __construct(private ?string $fixed)
    {
    }

    /** The day it is where the person is. */
    public function for(Person $person): Day
    {
        return $this->in($person->timezone ?? 'UTC');
    }

    public function in(string $timezone): Day
    {
        return Day::of($this->fixed ?? (new DateTimeImmutable('now', new DateTimeZone($timezone)))->format('Y-m-d'));
    }

    /** The days on which there can be work. */
    public function limits(): DateLimits
    {
        return DateLimits::on($this->in('UTC'));
    }

    /** This instant, in UTC; on the fixed day, if there is one. */
    public function now(): DateTimeImmutable
    {
        $now = $this->instant();

        return $this->fixed === null ? $now : new DateTimeImmutable($this->fixed.$now->format(' H:i:s'), new DateTimeZone('UTC'));
    }

    /** This very instant in UTC, whatever day is fixed: for what runs out after an hour, and for codes that an app makes. */
    public function instant(): DateTimeImmutable
    {
        return Carbon::now('UTC')->toDateTimeImmutable();
    }
}
