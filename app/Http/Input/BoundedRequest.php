<?php

declare(strict_types=1);

namespace App\Http\Input;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Validator;

/**
 * A form request that checks how long its lists are before it looks at what is in them: a list of a hundred thousand rows is
 * refused at once, not after each of its rows was checked.
 */
abstract class BoundedRequest extends FormRequest
{
    /** @return array<string, mixed> */
    abstract public function rules(): array;

    protected function prepareForValidation(): void
    {
        $rules = $this->rules();
        $deepest = max([0, ...array_map(self::depth(...), array_keys($rules))]);
        for ($depth = 0; $depth < $deepest; $depth++) {
            $outer = array_filter($rules, static fn (string $field): bool => self::depth($field) <= $depth, ARRAY_FILTER_USE_KEY);
            $validator = Validator::make($this->validationData(), $outer, $this->messages(), $this->attributes());
            if ($validator->fails()) {
                $this->failedValidation($validator);
            }
        }
    }

    private static function depth(string $field): int
    {
        return substr_count($field, '*');
    }
}
