<?php

declare(strict_types=1);

namespace App\Features\SignIn\Queries;

use App\Features\SignIn\Props\DemoPersonProps;
use App\Models\Person;

/** The people whom a demonstration offers; nobody unless the switch for demonstrations is on. */
final class DemoPeople
{
    public static function isDemonstration(): bool
    {
        return config('moss.demo') === true;
    }

    /** @return list<DemoPersonProps> */
    public function list(): array
    {
        $does = self::isDemonstration() ? self::does() : [];
        $names = $does === [] ? [] : Person::query()->whereIn('code', array_keys($does))->pluck('name', 'code')->all();
        $people = [];
        foreach ($does as $code => $sentence) {
            if (isset($names[$code]) && is_string($names[$code])) {
                $people[] = new DemoPersonProps($code, $names[$code], $sentence);
            }
        }

        return $people;
    }

    public function includes(string $code): bool
    {
        return self::isDemonstration() && isset(self::does()[$code]);
    }

    /** @return array<string, string> what they do, by code */
    private static function does(): array
    {
        $lines = trans('demo.people');

        $does = [];
        foreach (is_array($lines) ? $lines : [] as $code => $sentence) {
            $does[(string) $code] = is_string($sentence) ? $sentence : '';
        }

        return $does;
    }
}
