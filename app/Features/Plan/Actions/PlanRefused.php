<?php

declare(strict_types=1);

namespace App\Features\Plan\Actions;

use App\Support\Language\Wording;
use DomainException;

/** A plan that cannot be as it was put; each fault with where it is. Nothing was saved. */
final class PlanRefused extends DomainException
{
    /** How many of the lines that are wrong are told. */
    private const TOLD = 3;

    /**
     * @param  array<string, string>  $faults  sentences by row and field, as in `12.planned`
     * @param  list<string>  $told
     */
    private function __construct(public readonly array $faults, array $told)
    {
        parent::__construct(implode(' ', $told));
    }

    /** @param  non-empty-array<string, string>  $faults */
    public static function with(array $faults): self
    {
        return new self($faults, array_values(array_unique($faults)));
    }

    /**
     * Of several lines, it is told which are wrong.
     *
     * @param  non-empty-array<string, string>  $faults  by line and field, counted from 0
     * @param  list<PlanLine>  $lines
     */
    public static function ofLines(array $faults, array $lines): self
    {
        if (count($lines) < 2) {
            return self::with($faults);
        }
        $told = [];
        foreach (array_slice($faults, 0, self::TOLD) as $place => $fault) {
            $index = (int) $place;
            $task = $lines[$index]->text('task');
            $told[] = Wording::refusal($task === '' ? 'plan_row.in_line' : 'plan_row.in_line_of', ['line' => $index + 1, 'task' => $task, 'fault' => $fault]);
        }
        $others = count($faults) - count($told);

        return new self($faults, $others > 0 ? [...$told, Wording::choice('refusals.plan_row.more_lines', $others)] : $told);
    }

    /** @param  array<string, string|int>  $parameters */
    public static function because(string $key, array $parameters = []): self
    {
        return self::with(['' => Wording::refusal('plan_row.'.$key, $parameters)]);
    }
}
