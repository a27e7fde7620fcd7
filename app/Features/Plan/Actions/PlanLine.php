<?php

declare(strict_types=1);

namespace App\Features\Plan\Actions;

/** A line to be added to a plan, as typed or pasted: a task, somebody on one, or both. */
final readonly class PlanLine
{
    public const FIELDS = ['phase', 'task', 'code', 'who', 'role', 'planned', 'budget', 'startsOn', 'endsOn', 'chargeCode'];

    /**
     * @param  array<string, string>  $texts  by field
     * @param  int|null  $under  the task it belongs to, where it names none
     */
    public function __construct(public array $texts, public ?int $under)
    {
    }

    public function text(string $field): string
    {
        return trim($this->texts[$field] ?? '');
    }

    public function isEmpty(): bool
    {
        return implode('', array_map(trim(...), $this->texts)) === '';
    }
}
