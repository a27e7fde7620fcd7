<?php

declare(strict_types=1);

namespace App\Exchange;

/** Collects what is wrong, so that a report is complete and not just its first line. */
final class Problems
{
    /** @var list<Problem> */
    private array $problems = [];

    private bool $isFileUnread = false;

    public function add(Problem $problem): void
    {
        $this->problems[] = $problem;
    }

    /** A problem that keeps a whole file from being read. */
    public function addWhole(Problem $problem): void
    {
        $this->isFileUnread = true;
        $this->add($problem);
    }

    /**
     * With a file unread, nothing can be said of what refers to it.
     *
     * @throws ImportRefused
     */
    public function refuseIfFileUnread(): void
    {
        if ($this->isFileUnread) {
            $this->refuseIfAny();
        }
    }

    /** @throws ImportRefused if there are any */
    public function refuseIfAny(): void
    {
        if ($this->problems !== []) {
            throw new ImportRefused($this->problems);
        }
    }
}
