<?php

declare(strict_types=1);

namespace App\Exchange;

/** Collects what is wrong, so that a report is complete and not just its first line; of very many problems it keeps the first and counts the rest. */
final class FileProblems
{
    private const MOST_STORED = 1000;

    /** @var list<FileProblem> */
    private array $problems = [];

    private int $count = 0;

    private bool $isFileUnread = false;

    public function add(FileProblem $problem): void
    {
        if ($this->count++ < self::MOST_STORED) {
            $this->problems[] = $problem;
        }
    }

    /** A problem that keeps a whole file from being read. */
    public function addWhole(FileProblem $problem): void
    {
        $this->isFileUnread = true;
        $this->add($problem);
    }

    public function areThereAny(): bool
    {
        return $this->problems !== [];
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
            throw new ImportRefused($this->problems, $this->count);
        }
    }
}
