<?php

declare(strict_types=1);

namespace App\Features\Calendars\Queries;

use Moss\Core\Calendar\Holiday;
use Moss\Core\Calendar\YearlyHoliday;

/** The public holidays of some countries, as they ship with the application in `resources/holidays`. */
final class CountryHolidays
{
    /** @return array<string, string> names of countries by code, by name */
    public static function countries(): array
    {
        $countries = [];
        foreach (glob(resource_path('holidays/*.json')) ?: [] as $file) {
            $countries[basename($file, '.json')] = self::stored(basename($file, '.json'))['country'];
        }
        asort($countries);

        return $countries;
    }

    /** @return list<Holiday> in order; none of a country that is not known */
    public static function in(string $country, int $year): array
    {
        $holidays = [];
        foreach (isset(self::countries()[$country]) ? self::stored($country)['holidays'] : [] as $stored) {
            $day = YearlyHoliday::of($stored['name'], $stored['rule'])->in($year);
            $holidays[$day->toString()] = Holiday::on($day, $stored['name']);
        }
        ksort($holidays);

        return array_values($holidays);
    }

    /** @return array{country: string, holidays: list<array{name: string, rule: string}>} */
    private static function stored(string $country): array
    {
        $stored = json_decode((string) file_get_contents(resource_path("holidays/$country.json")), true, flags: JSON_THROW_ON_ERROR);
        $holidays = [];
        foreach (is_array($stored) && is_array($stored['holidays'] ?? null) ? $stored['holidays'] : [] as $one) {
            if (is_array($one) && is_string($one['name'] ?? null) && is_string($one['rule'] ?? null)) {
                $holidays[] = ['name' => $one['name'], 'rule' => $one['rule']];
            }
        }

        return ['country' => is_array($stored) && is_string($stored['country'] ?? null) ? $stored['country'] : $country, 'holidays' => $holidays];
    }
}
