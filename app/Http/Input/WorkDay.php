<?php

declare(strict_types=1);

namespace App\Http\Input;

use App\Support\Clock\Today;
use App\Support\Language\Wording;
use Closure;
use Illuminate\Contracts\Validation\ValidationRule;
use Moss\Core\Calendar\DateLimits;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\NotADay;

/** A day as `YYYY-MM-DD` on which there can be work. */
final class WorkDay implements ValidationRule
{
    /** @param  string|null  $sentence  what to say where it cannot be read; null for the usual sentence */
    public function __construct(private readonly ?string $sentence = null)
    {
    }

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        $fault = self::fault($value, $this->sentence);
        if ($fault !== null) {
            $fail($fault);
        }
    }

    /** @return string|null what is wrong with a value, in a sentence; null where it is such a day */
    public static function fault(mixed $value, ?string $unreadable = null): ?string
    {
        try {
            $day = Day::of(is_string($value) ? $value : '');
        } catch (NotADay) {
            return $unreadable ?? Wording::refusal('date.unreadable');
        }

        return self::limits()->includes($day) ? null : Wording::refusal('date.limits', ['first' => self::limits()->days()->first()->year(), 'last' => self::limits()->days()->last()->year()]);
    }

    public static function limits(): DateLimits
    {
        return app(Today::class)->limits();
    }
}
