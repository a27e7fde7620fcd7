<?php

declare(strict_types=1);

namespace App\Support\Language;

use Carbon\CarbonImmutable;
use DateTimeImmutable;
use Illuminate\Support\Number;
use IntlDateFormatter;
use IntlDatePatternGenerator;
use Moss\Core\Calendar\Day;
use NumberFormatter;

/** Numbers and dates as the reader's locale writes them. */
final class LocalFormat
{
    /** @var array<string, IntlDateFormatter> by locale and fields */
    private static array $dates = [];

    /** @var array<string, NumberFormatter> by locale */
    private static array $numbers = [];

    /** `1,234.5` of a decimal text with a point. Grouped and separated as text, so that nothing is held in binary. */
    public static function decimal(string $decimal): string
    {
        $formatter = self::numbers();
        [$whole, $places] = explode('.', ltrim($decimal, '-')) + [1 => ''];

        return (str_starts_with($decimal, '-') ? '−' : '').$formatter->format((int) $whole)
            .($places === '' ? '' : $formatter->getSymbol(NumberFormatter::DECIMAL_SEPARATOR_SYMBOL).$places);
    }

    /** `Wed 17 Jun`. */
    public static function day(Day $day): string
    {
        return self::date($day, 'EEEdMMM');
    }

    /** `17 Jun 2026`. */
    public static function wholeDay(Day $day): string
    {
        return self::date($day, 'dMMMy');
    }

    /** `June 2026`. */
    public static function month(Day $day): string
    {
        return self::date($day, 'MMMMy');
    }

    /** `17 Jun 2026, 14:05`. */
    public static function moment(DateTimeImmutable $moment): string
    {
        return self::wholeDay(Day::of($moment->format('Y-m-d'))).', '.$moment->format('H:i');
    }

    /** `Wed 17`. */
    public static function dayOfMonth(Day $day): string
    {
        return self::date($day, 'EEEd');
    }

    /** `Wednesday`. */
    public static function weekday(Day $day): string
    {
        return self::date($day, 'EEEE');
    }

    /** @param  string  $fields  a skeleton of Unicode Technical Standard 35, section Date Field Symbol Table */
    private static function date(Day $day, string $fields): string
    {
        $locale = Number::defaultLocale();
        // Some releases of the locale data set a comma after the weekday and others none; without it all read alike.
        self::$dates["$locale $fields"] ??= new IntlDateFormatter(
            $locale, IntlDateFormatter::NONE, IntlDateFormatter::NONE, 'UTC', null,
            str_replace('EEE, ', 'EEE ', (string) (new IntlDatePatternGenerator($locale))->getBestPattern($fields)),
        );

        return (string) self::$dates["$locale $fields"]->format(CarbonImmutable::parse($day->toString(), 'UTC'));
    }

    private static function numbers(): NumberFormatter
    {
        return self::$numbers[Number::defaultLocale()] ??= new NumberFormatter(Number::defaultLocale(), NumberFormatter::DECIMAL);
    }
}
