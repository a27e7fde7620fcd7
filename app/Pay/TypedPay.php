<?php

declare(strict_types=1);

namespace App\Pay;

use App\Models\PayPremium;
use App\Support\Language\Wording;
use Closure;
use Moss\Core\Time\Minutes;

/** What a request asks an entry to be paid as: hours as typed, or minutes, by kind or the code of a premium. */
final class TypedPay
{
    private const MOST_KINDS = 50;

    private const LONGEST_HOURS = 20;

    /** @return array<string, list<mixed>> what a request checks of it, before the hours are read */
    public static function rules(string $name): array
    {
        return [
            $name => ['nullable', 'array', 'max:'.self::MOST_KINDS, static function (string $attribute, mixed $pay, Closure $fail): void {
                if (array_filter(array_keys((array) $pay), static fn (int|string $kind): bool => preg_match(PayPremium::CODE, (string) $kind) !== 1) !== []) {
                    $fail(Wording::of('pay.unknown'));
                }
            }],
            $name.'.*' => ['nullable', static function (string $attribute, mixed $hours, Closure $fail): void {
                if (is_int($hours) ? $hours < 0 || $hours > Minutes::PER_DAY : ! is_string($hours) || mb_strlen($hours) > self::LONGEST_HOURS) {
                    $fail(Wording::of('pay.hours'));
                }
            }],
        ];
    }

    /**
     * Of a request that passed; an empty text is null by the time it is here.
     *
     * @param  array<array-key, mixed>  $pay
     * @return array<string, string|int> by kind or premium
     */
    public static function read(array $pay): array
    {
        $read = [];
        foreach ($pay as $kind => $hours) {
            $read[(string) $kind] = is_int($hours) || is_string($hours) ? $hours : '';
        }

        return $read;
    }
}
