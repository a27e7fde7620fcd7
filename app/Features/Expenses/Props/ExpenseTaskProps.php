<?php

declare(strict_types=1);

namespace App\Features\Expenses\Props;

/** A task that an expense may be on. */
final readonly class ExpenseTaskProps
{
    /** @param  list<string>  $fields  codes of the own fields that are asked on it */
    public function __construct(public int $id, public string $name, public string $project, public array $fields)
    {
    }
}
