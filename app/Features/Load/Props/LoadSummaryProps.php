<?php

declare(strict_types=1);

namespace App\Features\Load\Props;

/** The load of somebody's people over some days, in short. */
final readonly class LoadSummaryProps
{
    /**
     * @param  int  $overCount  of all people, those who are over their hours
     * @param  int  $free  minutes of all on the days to come
     * @param  list<LoadedPersonProps>  $people  those who are most over, with one cell each
     */
    public function __construct(public string $first, public string $last, public int $count, public int $overCount, public int $free, public array $people)
    {
    }
}
