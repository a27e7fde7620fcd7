<?php

declare(strict_types=1);

namespace App\Support\Language;

use App\Models\Person;
use Moss\Core\Calendar\Day;
use Moss\Core\Money\Money;
use Moss\Core\Sheet\Refusal;
use Moss\Core\Time\HoursFormat;
use Moss\Core\Time\HoursTextRefused;
use Moss\Core\Time\Minutes;

/** Sentences for people, in the language of the reader, from lang/. */
final class Wording
{
    /** @param  array<string, string|int>  $parameters */
    public static function refusal(string $key, array $parameters = []): string
    {
        return self::of('refusals.'.$key, $parameters);
    }

    /** @param  array<string, string|int>  $parameters */
    public static function of(string $key, array $parameters = []): string
    {
        $text = trans($key, $parameters);

        return is_string($text) ? $text : $key;
    }

    /** In the singular or plural that the count asks for. */
    public static function choice(string $key, int $count): string
    {
        return trans_choice($key, $count, ['count' => $count]);
    }

    public static function actRefused(Refusal $refusal): string
    {
        return self::refusal('act.'.$refusal->value);
    }

    public static function hoursRefused(HoursTextRefused $refused): string
    {
        return self::refusal('hours.'.$refused->fault->value, ['text' => $refused->text]);
    }

    /** Hours with their unit, as the person reads them: `7.5 h` or `7:30`. */
    public static function hours(Minutes $minutes, Person $reader): string
    {
        $printed = $reader->hours_format->print($minutes);

        return $reader->hours_format === HoursFormat::Decimal ? LocalFormat::decimal($printed)."\u{00A0}h" : $printed;
    }

    /**
     * A number of days with their unit: `0.5 day`, `12 days`.
     *
     * @param  string  $count  a decimal with a point
     */
    public static function days(string $count): string
    {
        return self::refusal(in_array($count, ['1', '0.5'], true) ? 'days.one' : 'days.many', ['count' => LocalFormat::decimal($count)]);
    }

    /** An amount with its currency: `EUR 1,234.50`. */
    public static function money(Money $money, string $currency): string
    {
        return $currency."\u{A0}".LocalFormat::decimal($money->toString());
    }

    /** A day, as `Wed 17 Jun`. */
    public static function day(Day $day): string
    {
        return LocalFormat::day($day);
    }
}
