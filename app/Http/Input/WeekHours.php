<?php

declare(strict_types=1);

namespace App\Http\Input;

use App\Support\Language\Wording;
use Closure;
use Illuminate\Contracts\Validation\ValidationRule;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\WorkPattern;
use Moss\Core\Time\HoursText;
use Moss\Core\Time\HoursTextRefused;

/** The hours of one weekday of a work pattern, in any accepted form; nothing typed is no work. */
final class WeekHours implements ValidationRule
{
    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        try {
            HoursText::onDay(self::text($value));
        } catch (HoursTextRefused) {
            $fail(Wording::of('organisation.pattern'));
        }
    }

    /** @param  array<array-key, mixed>  $weekdays  seven, Monday first, each of which is valid */
    public static function pattern(array $weekdays): WorkPattern
    {
        return WorkPattern::of(implode(' ', array_map(static fn (mixed $hours): string => str_replace(' ', '', self::text($hours)), $weekdays)));
    }

    /** @return list<string> the hours of each weekday as they hold on a day, to be typed over */
    public static function texts(WorkPattern $pattern, Day $today): array
    {
        return explode(' ', $pattern->heldOn($today)->toString());
    }

    private static function text(mixed $value): string
    {
        $text = is_scalar($value) ? trim((string) $value) : '';

        return $text === '' ? '0' : $text;
    }
}
