<?php

declare(strict_types=1);

namespace App\Features\Accounts\Requests;

use App\Http\Input\BoundedRequest;
use App\Models\Access;
use Illuminate\Validation\Rule;

/** Which kinds of access need a second factor. */
final class FactorAccessRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['access' => ['present', 'array', 'max:10'], 'access.*' => ['required', Rule::enum(Access::class)]];
    }

    /** @return list<Access> in the order of the enumeration */
    public function access(): array
    {
        return array_values(array_filter(Access::cases(), fn (Access $access): bool => in_array($access->value, $this->array('access'), true)));
    }
}
