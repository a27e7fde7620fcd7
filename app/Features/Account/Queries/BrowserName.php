<?php

declare(strict_types=1);

namespace App\Features\Account\Queries;

/** What people call a browser and the device it runs on, from how it names itself: `Firefox on Windows`. */
final class BrowserName
{
    /** The first that is named counts: most name others too. */
    private const BROWSERS = ['Edg' => 'Edge', 'OPR' => 'Opera', 'SamsungBrowser' => 'Samsung Internet', 'Firefox' => 'Firefox', 'FxiOS' => 'Firefox', 'CriOS' => 'Chrome', 'Chrome' => 'Chrome', 'Safari' => 'Safari'];

    private const DEVICES = ['iPhone' => 'iPhone', 'iPad' => 'iPad', 'Android' => 'Android', 'Windows' => 'Windows', 'Mac OS X' => 'Mac', 'CrOS' => 'Chromebook', 'Linux' => 'Linux'];

    /** Empty where nothing is known. */
    public static function of(string $agent): string
    {
        return implode(' · ', array_filter([self::named(self::BROWSERS, $agent), self::named(self::DEVICES, $agent)], static fn (string $name): bool => $name !== ''));
    }

    /** @param  array<string, string>  $names */
    private static function named(array $names, string $agent): string
    {
        foreach ($names as $mark => $name) {
            if (str_contains($agent, $mark)) {
                return $name;
            }
        }

        return '';
    }
}
