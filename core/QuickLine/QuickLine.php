<?php

declare(strict_types=1);

namespace Moss\Core\QuickLine;

use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Week;
use Moss\Core\Clock\ClockSpan;
use Moss\Core\Clock\NotAClockTime;
use Moss\Core\Clock\SpanReversed;
use Moss\Core\Time\HoursText;
use Moss\Core\Time\HoursTextRefused;
use Moss\Core\Time\Minutes;

/**
 * Hours, days, words and a note, read from one line of text.
 *
 * Everything after the word `note` is the note for the team. The rest is split at spaces, in any order: the first
 * hours text is the hours, its unit also in a word of its own (`2 hours`), where a plain number counts only as the first
 * word; what names days is days; `as` and a word name a role; all else is words that a task must fit, before which `on`,
 * `for` and the like say nothing. `+` before the hours adds them to what is there.
 * From a time to another stands for hours that lie there, on one day; they always come on top of what is there.
 * `start` as the first word starts a timer instead, and takes neither hours nor days.
 * Examples: `1:30 bell frame mon-wed note scaffold check`, `9-11:30 lens survey`, `start lens survey`.
 */
final readonly class QuickLine
{
    /** From a time to another, as in `9-11:30`. */
    private const TIMES = '/^\d{1,2}(?:[:.]\d{2})?(?:[ap]m?)?[-–]\d{1,2}(?:[:.]\d{2})?(?:[ap]m?)?$/iu';

    /** Units of hours as they are written out, and as hours texts have them. */
    private const UNITS = ['h' => 'h', 'hr' => 'h', 'hrs' => 'h', 'hour' => 'h', 'hours' => 'h', 'm' => 'm', 'min' => 'm', 'mins' => 'm', 'minute' => 'm', 'minutes' => 'm'];

    /** What leads from hours to a task. */
    private const LEADING = ['on', 'for', 'of', 'at'];

    /** What stands for a task that is known; nobody can type it. */
    private const KNOWN = "\u{FFFC}";

    /** Longer than any sensible line and short enough to be matched at once. */
    private const MAX_LENGTH = 2000;

    /**
     * @param  list<Day>  $days  in the order of the calendar, each once, all within the week
     * @param  non-empty-list<string>  $words  that a task must fit, as typed
     * @param  string|null  $role  the beginning of a role's name or code
     * @param  ClockSpan|null  $times  where the hours lie, if that was said
     * @param  bool  $starts  whether a timer is to be started; then there are neither hours nor days
     */
    private function __construct(
        public Minutes $hours,
        public bool $adds,
        public array $days,
        public array $words,
        public ?string $role,
        public string $note,
        public ?ClockSpan $times = null,
        public bool $starts = false,
    ) {
    }

    /**
     * @param  Week  $week  that names of days mean
     * @param  Day  $today  that `today` and `yesterday` mean; the day meant where none is named, if the week has it
     *
     * @throws QuickRefused
     */
    public static function read(string $text, Week $week, Day $today): self
    {
        if (strlen($text) > self::MAX_LENGTH) {
            throw QuickRefused::because(QuickFault::TooLong, $text);
        }
        [$line, $note] = self::splitNote($text);
        $tokens = preg_split('/\s+/u', trim($line), -1, PREG_SPLIT_NO_EMPTY) ?: [];
        [$role, $tokens] = self::takeRole($tokens);
        if (strtolower($tokens[0] ?? '') === 'start') {
            array_shift($tokens);

            return $tokens === [] ? throw QuickRefused::because(QuickFault::NoWords) : new self(Minutes::zero(), false, [], $tokens, $role, $note, starts: true);
        }
        [$hours, $adds, $times, $tokens] = self::takeHours($tokens);
        [$days, $tokens] = DayNames::take($tokens, $week, $today);
        while (count($tokens) > 1 && in_array(strtolower($tokens[0]), self::LEADING, true)) {
            array_shift($tokens);
        }
        if ($tokens === []) {
            throw QuickRefused::because(QuickFault::NoWords);
        }
        if ($days === []) {
            $days = $week->days()->includes($today) ? [$today] : throw QuickRefused::because(QuickFault::NoDay);
        }

        if ($times !== null && count($days) > 1) {
            throw QuickRefused::because(QuickFault::TimesOnDays, $times->toString());
        }

        return new self($hours, $adds, $days, $tokens, $role, $note, $times);
    }

    /**
     * The same on a task that is known, so that the line names none: `1:30 tue note bolts`.
     *
     * @throws QuickRefused also where something is left that is neither hours, day nor note
     */
    public static function ofTask(string $text, Week $week, Day $today): self
    {
        [$line, $note] = self::splitNote($text);
        // Words are what the task would be found by; one that stands for it is enough.
        $read = self::read($line.' '.self::KNOWN.($note === '' ? '' : ' note '.$note), $week, $today);
        $words = array_values(array_diff($read->words, [self::KNOWN]));
        if ($words !== [] || $read->role !== null || $read->starts) {
            throw QuickRefused::because(QuickFault::UnknownWords, implode(' ', $words));
        }

        return $read;
    }

    /** @return array{string, string} the line and its note */
    private static function splitNote(string $text): array
    {
        $parts = preg_split('/(?:^|\s)note(?:\s|$)/iu', $text, 2) ?: [$text];

        return [$parts[0], trim($parts[1] ?? '')];
    }

    /**
     * @param  list<string>  $tokens
     * @return array{Minutes, bool, ClockSpan|null, list<string>}
     */
    private static function takeHours(array $tokens): array
    {
        foreach ($tokens as $index => $token) {
            if (preg_match(self::TIMES, $token) === 1) {
                $times = self::times($token);
                unset($tokens[$index]);

                return [$times->minutes(), true, $times, array_values($tokens)];
            }
            [$text, $count] = self::amountAt($tokens, $index);
            $adds = str_starts_with($text, '+');
            $text = ltrim($text, '+');
            $looksLikeHours = preg_match('/^-?[\d.,]*\d[\d.,]*\s*(?:h|m|min)[\d ]*(?:m|min)?$|^\d+:\d*$/i', $text) === 1;
            if ($looksLikeHours || (($index === 0 || $adds) && preg_match('/^-?[\d.,]+$/', $text) === 1)) {
                array_splice($tokens, $index, $count);

                return [self::hours($text), $adds, null, $tokens];
            }
        }
        throw QuickRefused::because(QuickFault::NoHours);
    }

    /**
     * An amount as an hours text: `2 hours` is `2h`, `1h 30 min` is `1h 30m`.
     *
     * @param  list<string>  $tokens
     * @return array{string, positive-int} with how many words it takes
     */
    private static function amountAt(array $tokens, int $index): array
    {
        [$text, $count] = self::unitAt($tokens, $index);
        if (preg_match('/^\+?\d+h$/i', $text) !== 1) {
            return [$text, $count];
        }
        [$minutes, $more] = self::unitAt($tokens, $index + $count);

        return preg_match('/^\d{1,2}m(?:in)?$/i', $minutes) === 1 ? [$text.' '.$minutes, $count + $more] : [$text, $count];
    }

    /**
     * @param  list<string>  $tokens
     * @return array{string, positive-int}
     */
    private static function unitAt(array $tokens, int $index): array
    {
        $token = $tokens[$index] ?? '';
        if (preg_match('/^(\+?[\d.,]+)([a-z]+)$/i', $token, $found) === 1 && isset(self::UNITS[strtolower($found[2])])) {
            return [$found[1].self::UNITS[strtolower($found[2])], 1];
        }
        $unit = preg_match('/^\+?[\d.,]+$/', $token) === 1 ? self::UNITS[strtolower($tokens[$index + 1] ?? '')] ?? null : null;

        return $unit === null ? [$token, 1] : [$token.$unit, 2];
    }

    private static function times(string $text): ClockSpan
    {
        try {
            return ClockSpan::read($text);
        } catch (NotAClockTime|SpanReversed) {
            throw QuickRefused::because(QuickFault::TimesUnreadable, $text);
        }
    }

    private static function hours(string $text): Minutes
    {
        try {
            return HoursText::onDay($text);
        } catch (HoursTextRefused $refused) {
            throw QuickRefused::hours($refused);
        }
    }

    /**
     * @param  list<string>  $tokens
     * @return array{string|null, list<string>}
     */
    private static function takeRole(array $tokens): array
    {
        foreach ($tokens as $index => $token) {
            if (strtolower($token) === 'as' && isset($tokens[$index + 1])) {
                $role = $tokens[$index + 1];
                array_splice($tokens, $index, 2);

                return [$role, $tokens];
            }
        }

        return [null, $tokens];
    }
}
