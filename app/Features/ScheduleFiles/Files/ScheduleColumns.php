<?php

declare(strict_types=1);

namespace App\Features\ScheduleFiles\Files;

/** What the columns of a schedule file hold, by their headings. */
final readonly class ScheduleColumns
{
    /** What each may be called besides its own name. */
    private const NAMES = [
        'task' => ['code', 'task code', 'id'], 'name' => ['title', 'task name'], 'phase' => [], 'wbs' => ['wbs number'], 'milestone' => [], 'after' => ['predecessors', 'depends on'],
        'starts_on' => ['start', 'from', 'first day'], 'ends_on' => ['end', 'finish', 'to', 'last day'], 'who' => ['person', 'assignee', 'resource', 'team'], 'role' => [],
        'planned' => ['hours', 'work', 'planned hours'], 'day' => ['date'], 'week' => [],
    ];

    /** What we write and do not read. */
    private const LEFT_OUT = ['actual', 'pending', 'project'];

    /**
     * @param  array<string, int>  $places  by name
     * @param  array<int, string>  $days  days whose hours a column holds, by its place
     * @param  list<string>  $unknown  headings that mean nothing
     */
    private function __construct(public array $places, public array $days, public array $unknown)
    {
    }

    /** @param  list<string>  $headings */
    public static function of(array $headings): self
    {
        [$places, $days, $unknown] = [[], [], []];
        foreach ($headings as $place => $heading) {
            $plain = str_replace('_', ' ', mb_strtolower(trim($heading)));
            $name = null;
            foreach (self::NAMES as $own => $others) {
                $name ??= in_array($plain, [str_replace('_', ' ', $own), ...$others], true) ? $own : null;
            }
            if (preg_match('/^\d{4}-\d\d-\d\d$/', $plain) === 1) {
                $days[$place] = $plain;
            } elseif ($name !== null && ! isset($places[$name])) {
                $places[$name] = $place;
            } elseif ($plain !== '' && ! in_array($plain, self::LEFT_OUT, true)) {
                $unknown[] = $heading;
            }
        }

        return new self($places, $days, $unknown);
    }

    /** Whether a row says which task it is of. */
    public function namesTasks(): bool
    {
        return isset($this->places['task']) || isset($this->places['name']);
    }

    /** @param  list<string>  $row */
    public function text(array $row, string $name): string
    {
        return trim($row[$this->places[$name] ?? -1] ?? '');
    }
}
