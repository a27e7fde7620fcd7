<?php

declare(strict_types=1);

namespace App\Features\Directory\Requests;

use App\Http\Input\BoundedRequest;
use App\Support\Language\Wording;
use Closure;
use Moss\Core\Planning\ChargeCodeScheme;
use Moss\Core\Planning\ChargeCodeSchemeRefused;

/** A client's name and how its charge codes are made up. */
final class ClientRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:200'],
            'scheme' => ['nullable', 'string', static function (string $name, mixed $value, Closure $fail): void {
                try {
                    ChargeCodeScheme::of(is_string($value) ? $value : '');
                } catch (ChargeCodeSchemeRefused) {
                    $fail(Wording::of('organisation.scheme'));
                }
            }],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['name' => Wording::of('organisation.name'), 'scheme.string' => Wording::of('organisation.scheme')];
    }

    public function scheme(): ?string
    {
        return $this->filled('scheme') ? $this->string('scheme')->toString() : null;
    }
}
