<?php

declare(strict_types=1);

namespace App\Features\Plan\Props;

/** How loaded a person is over some days, by what is planned for them on all projects. */
final readonly class LoadProps
{
    /** @param  list<LoadDayProps>  $over  days with more planned than expected, in order */
    public function __construct(public string $code, public string $name, public string $from, public string $to, public int $planned, public int $expected, public array $over)
    {
    }
}
