<?php

declare(strict_types=1);

namespace App\Features\Month\Actions;

/** What was filled, for people, and what it takes to undo it. */
final readonly class FilledLine
{
    /** @param  non-empty-list<FilledCell>  $cells */
    public function __construct(public string $sentence, public array $cells)
    {
    }
}
