<?php

declare(strict_types=1);

namespace App\Api\Input;

use App\Approval\DecisionKind;
use App\Features\Review\Requests\DecisionRequest as PageDecisionRequest;
use App\Support\Database\WriteLimits;

/** A decision on entries, as the page sends it. */
final class DecisionRequest extends PageDecisionRequest implements DescribesBody
{
    public static function fields(): array
    {
        return [
            'decision' => ['type' => 'string', 'enum' => [DecisionKind::Approve->value, DecisionKind::Return->value]],
            'entries' => ['type' => 'array', 'minItems' => 1, 'maxItems' => WriteLimits::MOST_ROWS, 'items' => ['type' => 'object', 'required' => ['id', 'version'], 'properties' => [
                'id' => ['type' => 'integer'],
                'version' => ['type' => 'integer', 'description' => 'The version that was seen; what has changed since is left undecided.'],
            ]]],
            'comment' => ['type' => 'string', 'maxLength' => 2000, 'description' => 'Needed to return.'],
        ];
    }

    public static function required(): array
    {
        return ['decision', 'entries'];
    }
}
