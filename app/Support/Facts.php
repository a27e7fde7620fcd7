<?php

declare(strict_types=1);

namespace App\Support;

use App\Models\Person;
use Moss\Core\Calendar\Day;
use Moss\Core\Time\Minutes;

/** Facts that wording is made of: kept as JSON, in which minutes and days say what they are, and printed for a reader. */
final class Facts
{
    /** @param  array<string, Minutes|Day|int|string>  $facts */
    public static function kept(array $facts): string
    {
        return json_encode((object) array_map(static fn (Minutes|Day|int|string $fact): array|int|string => match (true) {
            $fact instanceof Minutes => ['minutes' => $fact->toInt()],
            $fact instanceof Day => ['day' => $fact->toString()],
            default => $fact,
        }, $facts), JSON_THROW_ON_ERROR);
    }

    /** @return array<string, Minutes|Day|int|string> */
    public static function read(string $kept): array
    {
        $facts = [];
        foreach ((array) json_decode($kept, true, flags: JSON_THROW_ON_ERROR) as $name => $fact) {
            $facts[(string) $name] = match (true) {
                is_array($fact) && is_int($fact['minutes'] ?? null) => Minutes::of($fact['minutes']),
                is_array($fact) && is_string($fact['day'] ?? null) => Day::of($fact['day']),
                is_int($fact), is_string($fact) => $fact,
                default => '',
            };
        }

        return $facts;
    }

    /**
     * @param  array<string, Minutes|Day|int|string>  $facts
     * @return array<string, string|int>
     */
    public static function printed(array $facts, Person $reader): array
    {
        return array_map(static fn (Minutes|Day|int|string $fact): string|int => match (true) {
            $fact instanceof Minutes => Words::hours($fact, $reader),
            $fact instanceof Day => Words::day($fact),
            default => $fact,
        }, $facts);
    }
}
