<?php

declare(strict_types=1);

namespace App\Api\Input;

use App\Features\Corrections\Requests\VerdictRequest;
use App\Support\Database\WriteLimits;

/** Corrections accepted or declined. */
final class CorrectionVerdictRequest extends VerdictRequest implements DescribesBody
{
    public static function fields(): array
    {
        return [
            'corrections' => ['type' => 'array', 'minItems' => 1, 'maxItems' => WriteLimits::MOST_ROWS, 'items' => ['type' => 'integer']],
            'accept' => ['type' => 'boolean'],
            'comment' => ['type' => ['string', 'null'], 'maxLength' => 2000],
        ];
    }

    public static function required(): array
    {
        return ['corrections', 'accept'];
    }
}
