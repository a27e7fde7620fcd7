<?php

declare(strict_types=1);

namespace App\Features\Periods\Props;

/** What of one person is not approved yet. */
final readonly class OpenTimeProps
{
    /**
     * @param  int  $unsubmitted  minutes that are draft or returned
     * @param  int  $waiting  minutes that wait for approval
     * @param  string  $first  the oldest day
     */
    public function __construct(public string $code, public string $name, public int $unsubmitted, public int $waiting, public string $first, public string $week)
    {
    }
}
