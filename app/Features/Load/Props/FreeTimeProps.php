<?php

declare(strict_types=1);

namespace App\Features\Load\Props;

/** Who has time for something. */
final readonly class FreeTimeProps
{
    /**
     * @param  int  $needed  minutes
     * @param  int  $count  of those who have all of it
     * @param  list<FreePersonProps>  $people  the best first
     */
    public function __construct(public int $needed, public int $count, public array $people)
    {
    }
}
