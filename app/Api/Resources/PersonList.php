<?php

declare(strict_types=1);

namespace App\Api\Resources;

/** A part of the people. */
final readonly class PersonList
{
    /**
     * @param  list<Person>  $data
     * @param  string|null  $next  the cursor of the next part; null at the end
     */
    public function __construct(public array $data, public ?string $next)
    {
    }
}
