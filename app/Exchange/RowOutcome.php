<?php

declare(strict_types=1);

namespace App\Exchange;

/** What a row of a file makes new or changes. */
final readonly class RowOutcome
{
    /**
     * @param  string  $key  the cells that tell which row it is
     * @param  array<string, array{string, string}>  $changes  cells before and after by column; none where the row is new
     */
    public function __construct(public int $line, public string $key, public bool $isNew, public array $changes)
    {
    }
}
