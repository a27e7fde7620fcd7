<?php

declare(strict_types=1);

namespace App\Exchange;

/** Collects what is wrong, so that a report is complete and not just its first line. */
final class Problems
{
    /** @var list<Problem> */
    private array $problems = [];

    public function add(Problem $problem): void
    {
        $this->problems[] = $problem;
    }

    /** @throws ImportRefused if there are any */
    public function refuseIfAny(): void
    {
        if ($this->problems !== []) {
            throw new ImportRefused($this->problems);
        }
    }
}
