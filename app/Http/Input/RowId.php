<?php

declare(strict_types=1);

namespace App\Http\Input;

use App\Support\Language\Wording;
use Closure;
use Illuminate\Contracts\Validation\ValidationRule;

/** The number of a row: positive, of at most 18 digits. */
final class RowId implements ValidationRule
{
    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        if ((! is_int($value) && ! is_string($value)) || preg_match('/^[1-9][0-9]{0,17}$/D', (string) $value) !== 1) {
            $fail(Wording::refusal('no_row'));
        }
    }
}
