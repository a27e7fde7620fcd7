<?php

declare(strict_types=1);

namespace App\Support\Language;

use App\Models\Person;
use Moss\Core\Calendar\Day;
use Moss\Core\Time\Minutes;

/** The values of a sentence: stored as JSON in which minutes and days are tagged, and printed for a reader. */
final class TextValues
{
    /** @param  array<string, Minutes|Day|int|string>  $values */
    public static function stored(array $values): string
    {
        return json_encode((object) array_map(static fn (Minutes|Day|int|string $value): array|int|string => match (true) {
            $value instanceof Minutes => ['minutes' => $value->toInt()],
            $value instanceof Day => ['day' => $value->toString()],
            default => $value,
        }, $values), JSON_THROW_ON_ERROR);
    }

    /** @return array<string, Minutes|Day|int|string> */
    public static function read(string $stored): array
    {
        $values = [];
        foreach ((array) json_decode($stored, true, flags: JSON_THROW_ON_ERROR) as $name => $value) {
            $values[(string) $name] = match (true) {
                is_array($value) && is_int($value['minutes'] ?? null) => Minutes::of($value['minutes']),
                is_array($value) && is_string($value['day'] ?? null) => Day::of($value['day']),
                is_int($value), is_string($value) => $value,
                default => '',
            };
        }

        return $values;
    }

    /**
     * @param  array<string, Minutes|Day|int|string>  $values
     * @return array<string, string|int>
     */
    public static function printed(array $values, Person $reader): array
    {
        return array_map(static fn (Minutes|Day|int|string $value): string|int => match (true) {
            $value instanceof Minutes => Wording::hours($value, $reader),
            $value instanceof Day => Wording::day($value),
            default => $value,
        }, $values);
    }
}
