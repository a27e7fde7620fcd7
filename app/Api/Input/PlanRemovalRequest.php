<?php

declare(strict_types=1);

namespace App\Api\Input;

use App\Features\Plan\Requests\PlanRowsRequest;
use App\Support\Database\WriteLimits;

/** A task or assignments to be removed from a plan. */
final class PlanRemovalRequest extends PlanRowsRequest implements DescribesBody
{
    public static function fields(): array
    {
        return [
            'task' => ['type' => ['integer', 'null'], 'description' => 'Number of a task, with everybody on it.'],
            'assignments' => ['type' => ['array', 'null'], 'maxItems' => WriteLimits::MOST_ROWS, 'items' => ['type' => 'integer']],
        ];
    }

    public static function required(): array
    {
        return [];
    }
}
