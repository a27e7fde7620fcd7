<?php

declare(strict_types=1);

namespace App\Features\Rates\Requests;

use App\Http\Input\BoundedRequest;
use App\Lookup\PersonByName;
use App\Models\Person;
use App\Support\Language\Wording;
use Closure;

/** Who is to see what hours cost on the projects that they manage. */
final class CostReaderRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['reader' => ['required', 'string', 'max:200', static function (string $attribute, mixed $named, Closure $fail): void {
            $person = is_string($named) ? PersonByName::find($named) : null;
            if ($person === null || $person->isViewer()) {
                $fail(Wording::refusal('rate.no_reader'));
            }
        }]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['reader.required' => Wording::refusal('rate.no_reader')];
    }

    public function reader(): Person
    {
        return PersonByName::find($this->string('reader')->toString()) ?? abort(404);
    }
}
