<?php

declare(strict_types=1);

namespace App\Api\Input;

use App\Features\Plan\Actions\PlanChange;
use App\Features\Plan\Requests\PlanChangesRequest as PageChangesRequest;
use App\Support\Database\WriteLimits;

/** Other values for rows of a plan, as people type them. */
final class PlanChangesRequest extends PageChangesRequest implements DescribesBody
{
    public static function fields(): array
    {
        $fields = array_values(array_unique([...PlanChange::TASK_FIELDS, ...PlanChange::ASSIGNMENT_FIELDS]));

        return ['changes' => ['type' => 'array', 'minItems' => 1, 'maxItems' => WriteLimits::MOST_ROWS, 'items' => [
            'type' => 'object', 'required' => ['fields'], 'properties' => [
                'task' => ['type' => ['integer', 'null'], 'description' => 'Number of the task, else the assignments are meant.'],
                'assignments' => ['type' => ['array', 'null'], 'items' => ['type' => 'integer'], 'description' => 'Numbers of an assignment.'],
                'fields' => ['type' => 'object', 'properties' => array_fill_keys($fields, ['type' => ['string', 'null'], 'maxLength' => 300]), 'description' => 'Own fields of tasks as `own:` and their code.'],
            ],
        ]]];
    }

    public static function required(): array
    {
        return ['changes'];
    }
}
