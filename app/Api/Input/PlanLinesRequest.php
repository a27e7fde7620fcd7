<?php

declare(strict_types=1);

namespace App\Api\Input;

use App\Features\Plan\Actions\PlanLine;
use App\Features\Plan\Requests\PlanLinesRequest as PageLinesRequest;
use App\Support\Database\WriteLimits;

/** Lines to be added to a plan. */
final class PlanLinesRequest extends PageLinesRequest implements DescribesBody
{
    public static function fields(): array
    {
        $text = ['type' => ['string', 'null'], 'maxLength' => 300];

        return [
            'lines' => ['type' => 'array', 'minItems' => 1, 'maxItems' => WriteLimits::MOST_ROWS, 'description' => 'A line that names somebody puts them on its task; one that names nobody plans the task itself. One without a task belongs to the one above it.', 'items' => [
                'type' => 'object', 'properties' => array_fill_keys(PlanLine::FIELDS, $text),
            ]],
            'under' => ['type' => ['integer', 'null'], 'description' => 'Number of the task that lines without one belong to.'],
        ];
    }

    public static function required(): array
    {
        return ['lines'];
    }
}
