<?php

declare(strict_types=1);

namespace App\Features\Submission\Actions;

use App\Features\HouseRules\Queries\EntryToCheck;
use App\Sheet\LineKey;

/** What of a week goes: all of it, or some lines or cells. */
final readonly class Selection
{
    /** @param  array<string, true>|null  $places  keys of lines, and of cells with their date; null for the whole week */
    private function __construct(private ?array $places)
    {
    }

    public static function whole(): self
    {
        return new self(null);
    }

    /** @param  list<array{int, int|null, string|null}>  $places  task, role, and the date or null for the whole line */
    public static function of(array $places): self
    {
        $keys = [];
        foreach ($places as [$task, $role, $date]) {
            $keys[self::key($task, $role, $date)] = true;
        }

        return new self($keys);
    }

    public function isWhole(): bool
    {
        return $this->places === null;
    }

    /** Whether an entry is meant, being open. */
    public function takes(EntryToCheck $entry): bool
    {
        [$task, $role, $date] = [$entry->taskId, $entry->roleId, $entry->date->toString()];

        return $entry->state->isOpen()
            && ($this->places === null || isset($this->places[self::key($task, $role, null)]) || isset($this->places[self::key($task, $role, $date)]));
    }

    private static function key(int $task, ?int $role, ?string $date): string
    {
        return LineKey::of($task, $role).' '.$date;
    }
}
