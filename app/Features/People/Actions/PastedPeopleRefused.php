<?php

declare(strict_types=1);

namespace App\Features\People\Actions;

use RuntimeException;

/** What is wrong with pasted rows. */
final class PastedPeopleRefused extends RuntimeException
{
    /**
     * @param  array<string, string>  $faults  sentences by row and field, `3.email`
     * @param  string  $new  teams and roles that could be added with them; empty where there are none
     */
    public function __construct(public readonly array $faults, public readonly string $new)
    {
        parent::__construct('Some rows cannot be taken.');
    }
}
