<?php

declare(strict_types=1);

namespace App\Api\Input;

use App\Features\Remaining\Requests\EstimateRequest as PageEstimateRequest;

/** An estimate of what remains. */
final class EstimateRequest extends PageEstimateRequest implements DescribesBody
{
    public static function fields(): array
    {
        return [
            'done' => ['type' => 'string', 'enum' => ['no', 'me', 'all'], 'description' => 'Whether the task is done: for the person, or for everybody.'],
            'hours' => ['type' => ['string', 'null'], 'description' => 'As people type them, where it is not done.'],
            'reason' => ['type' => ['string', 'null'], 'maxLength' => 1000],
            'confirmed' => ['type' => 'boolean', 'description' => 'That what others had left is given up.'],
        ];
    }

    public static function required(): array
    {
        return ['done'];
    }
}
