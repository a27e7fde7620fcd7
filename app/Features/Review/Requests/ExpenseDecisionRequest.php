<?php

declare(strict_types=1);

namespace App\Features\Review\Requests;

/** A decision on expenses, and the versions of them that were seen. */
final class ExpenseDecisionRequest extends DecisionRequest
{
    private const MOST = 200;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['entries' => ['required', 'array', 'max:'.self::MOST]] + parent::rules();
    }
}
