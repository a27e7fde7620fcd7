<?php

declare(strict_types=1);

namespace App\Features\Office\Requests;

use App\Http\Input\BoundedRequest;
use Illuminate\Validation\Rule;
use Moss\Core\Review\RouteKind;

final class RouteRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'route' => [$this->route('project') === null ? 'required' : 'nullable', Rule::enum(RouteKind::class)],
            'selfApprove' => ['nullable', 'boolean'],
        ];
    }

    public function kind(): ?RouteKind
    {
        return RouteKind::tryFrom($this->string('route')->toString());
    }
}
