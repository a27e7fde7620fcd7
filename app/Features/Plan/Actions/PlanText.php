<?php

declare(strict_types=1);

namespace App\Features\Plan\Actions;

use App\Http\Input\WorkDay;
use App\Support\Language\Wording;
use DomainException;
use Moss\Core\Calendar\DateLimits;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\NotADay;
use Moss\Core\Money\Money;
use Moss\Core\Money\NotMoney;
use Moss\Core\Time\HoursText;
use Moss\Core\Time\HoursTextRefused;
use Moss\Core\Time\Minutes;

/** Reads what is typed or pasted into a plan; what cannot be read is refused with what was expected. */
final readonly class PlanText
{
    private const NAME = 200;

    private const CODE = 32;

    /** @throws DomainException */
    public static function minutes(string $text): ?Minutes
    {
        if (trim($text) === '') {
            return null;
        }
        try {
            return HoursText::ofPlan(trim($text));
        } catch (HoursTextRefused) {
            throw self::expected('planned', 'hours_of_plan', $text);
        }
    }

    /** @throws DomainException */
    public static function money(string $text): ?Money
    {
        if (trim($text) === '') {
            return null;
        }
        try {
            return Money::of(trim($text));
        } catch (NotMoney) {
            throw self::expected('budget', 'money', $text);
        }
    }

    /**
     * As `2026-06-17`, or as spreadsheets write it, `17.6.2026`.
     *
     * @throws DomainException
     */
    public static function day(string $text, string $field): ?Day
    {
        $text = trim($text);
        if ($text === '') {
            return null;
        }
        if (preg_match('/^(\d{1,2})\.(\d{1,2})\.(\d{4})$/D', $text, $parts) === 1) {
            $text = sprintf('%s-%02d-%02d', $parts[3], $parts[2], $parts[1]);
        }
        try {
            $day = Day::of($text);
        } catch (NotADay) {
            throw new DomainException(Wording::refusal('plan_row.day', ['field' => Wording::refusal('plan_row.fields.'.$field), 'text' => self::shortened($text)]));
        }
        $fault = WorkDay::fault($text);

        return $fault === null ? $day : throw new DomainException($fault);
    }

    /** @return string|null what is wrong with the first and last day of a plan, in a sentence; null where nothing is */
    public static function faultOfDays(?Day $first, ?Day $last): ?string
    {
        return match (true) {
            $first === null || $last === null => null,
            $first->isAfter($last) => Wording::refusal('plan_row.reversed'),
            DateLimits::isTooLong(DayRange::between($first, $last)) => Wording::refusal('date.plan_long'),
            default => null,
        };
    }

    /** @throws DomainException */
    public static function name(string $text, string $field): string
    {
        $text = trim((string) preg_replace('/\s+/u', ' ', $text));
        if ($text === '' || mb_strlen($text) > self::NAME || preg_match('/\p{C}/u', $text) === 1) {
            throw new DomainException(Wording::refusal('plan_row.'.$field.'_missing'));
        }

        return $text;
    }

    /** @throws DomainException */
    public static function code(string $text): string
    {
        if (preg_match('/^[A-Za-z0-9._-]{1,'.self::CODE.'}$/D', trim($text)) !== 1) {
            throw self::expected('code', 'code', $text);
        }

        return trim($text);
    }

    /**
     * A code made of the first words of a name, that is none of those taken: `LAY-NEW-SLATES`, then `LAY-NEW-SLATES-2`.
     *
     * @param  callable(string): bool  $isTaken
     */
    public static function codeFor(string $name, callable $isTaken): string
    {
        $plain = iconv('UTF-8', 'ASCII//TRANSLIT//IGNORE', $name);
        $words = strtoupper(trim((string) preg_replace('/[^A-Za-z0-9]+/', '-', $plain === false ? '' : $plain), '-'));
        // As many whole words as fit; of one that is longer, its beginning.
        $code = preg_match('/^.{1,14}(?=-|$)/', $words, $whole) === 1 ? $whole[0] : substr($words, 0, 14);
        $code = $code === '' ? 'TASK' : $code;
        for ($number = 1; ; $number++) {
            $candidate = $number === 1 ? $code : $code.'-'.$number;
            if (! $isTaken($candidate)) {
                return $candidate;
            }
        }
    }

    public static function expected(string $field, string $what, string $text): DomainException
    {
        return new DomainException(Wording::refusal('plan_row.expected', [
            'field' => Wording::refusal('plan_row.fields.'.$field), 'text' => self::shortened($text), 'expected' => Wording::of('exchange.expected.'.$what),
        ]));
    }

    private static function shortened(string $text): string
    {
        return mb_strimwidth($text, 0, 40, '…', 'UTF-8');
    }
}
