<?php

declare(strict_types=1);

namespace App\Features\Review\Requests;

use App\Http\Input\BoundedRequest;

final class DecisionEffectRequest extends BoundedRequest
{
    private const MOST = 50;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['projects' => ['required', 'string', 'max:'.self::MOST * 33]];
    }

    /** @return list<string> codes */
    public function projects(): array
    {
        return array_slice(array_values(array_unique(explode(',', $this->string('projects')->toString()))), 0, self::MOST);
    }
}
