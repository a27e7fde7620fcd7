<?php

declare(strict_types=1);

namespace App\Http\Input;

use App\Support\Language\Wording;
use Closure;
use Illuminate\Contracts\Validation\DataAwareRule;
use Illuminate\Contracts\Validation\ValidationRule;

/** A day that is not before the day in another field. */
final class NotBefore implements DataAwareRule, ValidationRule
{
    /** @var array<array-key, mixed> */
    private array $data = [];

    /** @param  string|null  $sentence  what to say where it is; null for the usual sentence */
    public function __construct(private readonly string $other, private readonly ?string $sentence = null)
    {
    }

    /** @param  array<array-key, mixed>  $data */
    public function setData(array $data): self
    {
        $this->data = $data;

        return $this;
    }

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        $first = $this->data[$this->other] ?? null;
        if (WorkDay::fault($value) === null && WorkDay::fault($first) === null && is_string($value) && $value < $first) {
            $fail($this->sentence ?? Wording::refusal('date.reversed'));
        }
    }
}
