<?php

declare(strict_types=1);

namespace App\Features\FirstStart;

use App\Models\Person;
use RuntimeException;

/**
 * What shows that whoever starts an installation was given its link by whoever set it up: nobody else who finds the address
 * before becomes its time office. Made of the application's key, so nothing has to be stored; worthless once there is a person.
 */
final class StartKey
{
    private const LENGTH = 32;

    public static function isOpen(): bool
    {
        return Person::query()->doesntExist();
    }

    public static function link(): string
    {
        return route('start', ['key' => self::key()]);
    }

    public static function opens(string $key): bool
    {
        return self::isOpen() && hash_equals(self::key(), $key);
    }

    private static function key(): string
    {
        $key = config('app.key');

        return substr(hash_hmac('sha256', 'first start', is_string($key) && $key !== '' ? $key : throw new RuntimeException('There is no APP_KEY.')), 0, self::LENGTH);
    }
}
