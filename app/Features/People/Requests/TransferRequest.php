<?php

declare(strict_types=1);

namespace App\Features\People\Requests;

use App\Http\Input\BoundedRequest;
use App\Models\Person;
use App\Support\Language\Wording;
use Illuminate\Validation\Rule;

/** Who takes over. */
final class TransferRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['to' => ['required', 'string', Rule::exists('people', 'code')]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['to' => Wording::of('organisation.transfer_to')];
    }

    public function successor(): Person
    {
        return Person::query()->where('code', $this->string('to')->toString())->sole();
    }
}
