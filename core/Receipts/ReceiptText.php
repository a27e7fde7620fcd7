<?php

declare(strict_types=1);

namespace Moss\Core\Receipts;

use Moss\Core\Calendar\Day;

/**
 * Reads the text of a receipt, line by line.
 *
 * Amounts are decimals with two places, whatever they are grouped by. The total is the largest amount on a line that names it, else the
 * largest of all; tax is the last amount on a line that names tax and is less than the total. Days are tried as year-month-day, as
 * day-month-year, and with the month's name; two numbers up to 12 are taken as day and month, and said to be less sure.
 */
final readonly class ReceiptText
{
    private const LONGEST_LINE = 80;

    private const MOST_LINES = 400;

    private const TOTAL = '/\b(grand total|total due|amount due|balance due|amount paid|to pay|total|sum|gesamt|summe|zu zahlen|montant|totale|importe|à payer)\b/iu';

    private const SUBTOTAL = '/\b(sub-?\s?total|zwischensumme|sous-total|subtotale|net total|total net|netto|net)\b/iu';

    private const TAX = '/\b(vat|tax|gst|mwst|ust|tva|iva|moms)\b/iu';

    private const AMOUNT = '/(?<![\d.,])(\d{1,3}(?:[ .,\'’]\d{3})+|\d{1,7})[.,](\d{2})(?![\d.,]*\d|\s?%)/u';

    private const SYMBOLS = ['€' => 'EUR', '£' => 'GBP', '$' => 'USD', '¥' => 'JPY', 'zł' => 'PLN', 'Kč' => 'CZK', 'Fr.' => 'CHF'];

    private const MONTHS = ['jan' => 1, 'feb' => 2, 'mar' => 3, 'mär' => 3, 'apr' => 4, 'may' => 5, 'mai' => 5, 'jun' => 6, 'jul' => 7, 'aug' => 8, 'sep' => 9, 'oct' => 10, 'okt' => 10, 'nov' => 11, 'dec' => 12, 'dez' => 12];

    /** @param  list<string>  $lines  without blank ones at the ends; by line number less one */
    private function __construct(private array $lines)
    {
    }

    public static function of(string $text): self
    {
        $lines = preg_split('/\R/u', mb_scrub($text, 'UTF-8')) ?: [];

        return new self(array_map(static fn (string $line): string => trim(preg_replace('/\s+/u', ' ', $line) ?? ''), array_slice($lines, 0, self::MOST_LINES)));
    }

    /**
     * @param  Day  $until  the day it came in; a receipt is of no later one
     * @param  list<string>  $currencies  codes that are looked for
     */
    public function read(Day $until, array $currencies): ReceiptReading
    {
        $amount = $this->amount();

        return new ReceiptReading($this->seller(), $this->dayUntil($until), $amount, $this->currency($currencies, $amount), $this->tax($amount));
    }

    private function seller(): ?SeenValue
    {
        foreach (array_slice($this->lines, 0, 8) as $index => $line) {
            $letters = preg_match_all('/\p{L}/u', $line);
            if ($letters < 3 || preg_match(self::AMOUNT, $line) === 1 || preg_match('/^(receipt|invoice|bill|rechnung|quittung|facture|tax invoice|customer copy|date|page)\b/iu', $line) === 1) {
                continue;
            }

            return $this->seen($index, mb_strimwidth($line, 0, 60, '…', 'UTF-8'), $index === 0 ? 70 : 50);
        }

        return null;
    }

    private function dayUntil(Day $until): ?SeenValue
    {
        $best = null;
        foreach ($this->lines as $index => $line) {
            foreach (self::days($line) as [$day, $sureness]) {
                if ($day->isAfter($until) || $day->daysUntil($until) > 730) {
                    continue;
                }
                $sureness += preg_match('/\b(date|datum|issued|arrival|departure)\b/iu', $line) === 1 ? 10 : 0;
                if ($best === null || $sureness > $best->sureness) {
                    $best = $this->seen($index, $day->toString(), $sureness);
                }
            }
        }

        return $best;
    }

    /** @return list<array{Day, int}> the days that a line has, each with how sure it is */
    private static function days(string $line): array
    {
        $found = [];
        preg_match_all('/(?<!\d)(\d{4})[-.\/](\d{1,2})[-.\/](\d{1,2})(?!\d)/', $line, $years, PREG_SET_ORDER);
        foreach ($years as [, $year, $month, $day]) {
            $found[] = [self::day((int) $year, (int) $month, (int) $day), 85];
        }
        preg_match_all('/(?<![\d.,])(\d{1,2})[-.\/](\d{1,2})[-.\/](\d{4}|\d{2})(?!\d)/', $line, $days, PREG_SET_ORDER);
        foreach ($days as [, $one, $two, $year]) {
            $year = (int) $year < 100 ? 2000 + (int) $year : (int) $year;
            $found[] = (int) $two > 12
                ? [self::day($year, (int) $one, (int) $two), 75]
                : [self::day($year, (int) $two, (int) $one), (int) $one > 12 || $one === $two || str_contains($line, '.') ? 80 : 55];
        }
        preg_match_all('/(?<!\d)(\d{1,2})\.?(?:st|nd|rd|th)?[ -](\p{L}{3})\p{L}*\.?,?[ -](\d{4})(?!\d)/u', $line, $names, PREG_SET_ORDER);
        foreach ($names as [, $day, $name, $year]) {
            $found[] = [self::day((int) $year, self::MONTHS[mb_strtolower($name)] ?? 0, (int) $day), 85];
        }
        preg_match_all('/\b(\p{L}{3})\p{L}*\.? (\d{1,2})(?:st|nd|rd|th)?,? (\d{4})(?!\d)/u', $line, $names, PREG_SET_ORDER);
        foreach ($names as [, $name, $day, $year]) {
            $found[] = [self::day((int) $year, self::MONTHS[mb_strtolower($name)] ?? 0, (int) $day), 85];
        }

        return array_values(array_filter($found, static fn (array $one): bool => $one[0] !== null));
    }

    private static function day(int $year, int $month, int $day): ?Day
    {
        return checkdate($month, $day, max(1, $year)) && $year >= 2000 ? Day::of(sprintf('%04d-%02d-%02d', $year, $month, $day)) : null;
    }

    private function amount(): ?SeenValue
    {
        $named = null;
        $largest = null;
        foreach ($this->lines as $index => $line) {
            $cents = self::cents($line);
            if ($cents === []) {
                continue;
            }
            $most = max($cents);
            if ($largest === null || $most > $largest[1]) {
                $largest = [$index, $most];
            }
            if (preg_match(self::TOTAL, $line) === 1 && preg_match(self::SUBTOTAL, $line) !== 1 && ($named === null || $most > $named[1])) {
                $named = [$index, $most];
            }
        }
        $found = $named ?? $largest;
        if ($found === null || $found[1] === 0) {
            return null;
        }

        return $this->seen($found[0], self::decimal($found[1]), $named === null ? 45 : ($named === $largest ? 90 : 75));
    }

    private function tax(?SeenValue $amount): ?SeenValue
    {
        foreach (array_reverse($this->lines, true) as $index => $line) {
            if ($amount === null || $index + 1 === $amount->line || preg_match(self::TAX, $line) !== 1) {
                continue;
            }
            $cents = array_filter(self::cents($line), static fn (int $one): bool => 2 * $one < self::centsOf($amount->value));
            if ($cents !== []) {
                // A line that has net, tax and gross names the tax neither first nor last; of two, the smaller is the tax.
                return $this->seen($index, self::decimal(min($cents)), count($cents) === 1 ? 80 : 60);
            }
        }

        return null;
    }

    /** @param  list<string>  $codes */
    private function currency(array $codes, ?SeenValue $amount): ?SeenValue
    {
        $order = array_keys($this->lines);
        if ($amount !== null) {
            usort($order, static fn (int $one, int $other): int => abs($one + 1 - $amount->line) <=> abs($other + 1 - $amount->line));
        }
        foreach ($order as $index) {
            $sureness = $index + 1 === $amount?->line ? 90 : 70;
            foreach ($codes as $code) {
                if (preg_match('/(?<!\p{L})'.preg_quote($code, '/').'(?!\p{L})/u', $this->lines[$index]) === 1) {
                    return $this->seen($index, $code, $sureness);
                }
            }
            foreach (self::SYMBOLS as $symbol => $code) {
                if (in_array($code, $codes, true) && str_contains($this->lines[$index], $symbol)) {
                    return $this->seen($index, $code, $symbol === '$' ? $sureness - 20 : $sureness - 5);
                }
            }
        }

        return null;
    }

    /** @return list<int> the amounts of a line, in hundredths */
    private static function cents(string $line): array
    {
        preg_match_all(self::AMOUNT, $line, $found, PREG_SET_ORDER);

        return array_map(static fn (array $parts): int => (int) preg_replace('/\D/', '', $parts[1].$parts[2]), $found);
    }

    private static function centsOf(string $decimal): int
    {
        return (int) str_replace('.', '', $decimal);
    }

    private static function decimal(int $cents): string
    {
        return sprintf('%d.%02d', intdiv($cents, 100), $cents % 100);
    }

    private function seen(int $index, string $value, int $sureness): SeenValue
    {
        return new SeenValue($value, $index + 1, mb_strimwidth($this->lines[$index], 0, self::LONGEST_LINE, '…', 'UTF-8'), min(99, $sureness));
    }
}
