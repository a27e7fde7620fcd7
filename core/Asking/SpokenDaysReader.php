<?php

declare(strict_types=1);

namespace Moss\Core\Asking;

use Moss\Core\Calendar\Day;

/**
 * Reads days that words name, without or with a year behind: `12 june`, `june 12 2026`, `2026-06-12`, `today`, `yesterday`, `june`, `jun 2026`,
 * `2026-06`, `week 23`, `w23`, `2026-w23`, `q2`, `h1`.
 */
final readonly class SpokenDaysReader
{
    private const MONTHS = ['january', 'february', 'march', 'april', 'may', 'june', 'july', 'august', 'september', 'october', 'november', 'december'];

    private const YEAR = '/^(19|20)\d{2}$/D';

    /** @param  list<string>  $words */
    public function __construct(private array $words, private Day $today)
    {
    }

    /** @return array{SpokenDays, positive-int}|null with how many words they take */
    public function at(int $index): ?array
    {
        return $this->written($index) ?? $this->day($index) ?? $this->numbered($index) ?? $this->month($index);
    }

    /** A day of a month by itself, as in `1 to 12 june`. */
    public function number(int $index): ?int
    {
        return preg_match('/^(0?[1-9]|[12]\d|3[01])(st|nd|rd|th)?$/D', $this->words[$index] ?? '', $found) === 1 ? (int) $found[1] : null;
    }

    /**
     * What is one word, its year included.
     *
     * @return array{SpokenDays, 1}|null
     */
    private function written(int $index): ?array
    {
        $word = $this->words[$index] ?? '';
        $day = match ($word) {
            'today' => $this->today,
            'yesterday' => $this->today->plusDays(-1),
            default => null,
        };

        return match (true) {
            preg_match('/^(\d{4})-(\d{2})-(\d{2})$/D', $day?->toString() ?? $word, $found) === 1 => [new SpokenDays(SpokenUnit::Day, (int) $found[2], (int) $found[3], (int) $found[1]), 1],
            preg_match('/^(\d{4})-(0[1-9]|1[0-2])$/D', $word, $found) === 1 => [new SpokenDays(SpokenUnit::Month, (int) $found[2], 1, (int) $found[1]), 1],
            preg_match('/^(\d{4})-w(\d{1,2})$/D', $word, $found) === 1 => [new SpokenDays(SpokenUnit::Week, (int) $found[2], 1, (int) $found[1]), 1],
            default => null,
        };
    }

    /**
     * `12 june` and `june 12`.
     *
     * @return array{SpokenDays, 2|3}|null
     */
    private function day(int $index): ?array
    {
        // `june 10 %` is no day.
        $isShare = in_array($this->words[$index + 2] ?? '', ['%', 'percent'], true);
        $day = $this->number($index) ?? ($isShare ? null : $this->number($index + 1));
        $month = $this->monthOf($this->words[$this->number($index) === null ? $index : $index + 1] ?? '', 3);
        $year = $this->year($index + 2);

        return $day === null || $month === null ? null : [new SpokenDays(SpokenUnit::Day, $month, $day, $year), $year === null ? 2 : 3];
    }

    /**
     * `week 23`, `w23`, `q2`, `h1`.
     *
     * @return array{SpokenDays, 1|2|3}|null
     */
    private function numbered(int $index): ?array
    {
        $word = $this->words[$index] ?? '';
        $count = $word === 'week' ? 2 : 1;
        $read = $count === 2 ? 'w'.($this->words[$index + 1] ?? '') : $word;
        if (preg_match('/^(?:w(?<week>[1-9]|[1-4]\d|5[0-3])|q(?<quarter>[1-4])|h(?<half>[12]))$/D', $read, $found, PREG_UNMATCHED_AS_NULL) !== 1) {
            return null;
        }
        $year = $this->year($index + $count);
        $days = match (true) {
            $found['week'] !== null => new SpokenDays(SpokenUnit::Week, (int) $found['week'], 1, $year),
            $found['quarter'] !== null => new SpokenDays(SpokenUnit::Quarter, (int) $found['quarter'], 1, $year),
            default => new SpokenDays(SpokenUnit::Half, (int) $found['half'], 1, $year),
        };

        return [$days, $year === null ? $count : $count + 1];
    }

    /**
     * `may` and `mar` are words and names too; a month of three letters wants a year.
     *
     * @return array{SpokenDays, 1|2}|null
     */
    private function month(int $index): ?array
    {
        $year = $this->year($index + 1);
        $month = $this->monthOf($this->words[$index] ?? '', $year === null ? 9 : 3);

        return $month === null ? null : [new SpokenDays(SpokenUnit::Month, $month, 1, $year), $year === null ? 1 : 2];
    }

    private function monthOf(string $word, int $letters): ?int
    {
        foreach (self::MONTHS as $number => $name) {
            if ($word === $name || ($letters === 3 && $word === substr($name, 0, 3))) {
                return $number + 1;
            }
        }

        return null;
    }

    private function year(int $index): ?int
    {
        return preg_match(self::YEAR, $this->words[$index] ?? '') === 1 ? (int) $this->words[$index] : null;
    }
}
