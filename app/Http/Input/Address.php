<?php

declare(strict_types=1);

namespace App\Http\Input;

use Illuminate\Http\Request;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Week;

/** Reads the state of a view from an address or a form; an invalid value counts as absent. */
final readonly class Address
{
    private const LONGEST_TEXT = 200;

    private const LAST_PAGE = 100_000;

    private function __construct(private Request $request)
    {
    }

    public static function of(Request $request): self
    {
        return new self($request);
    }

    /** Trimmed, and cut after so many characters; empty where it is absent. */
    public function text(string $name, int $longest = self::LONGEST_TEXT): string
    {
        $value = $this->request->input($name);

        return is_string($value) ? trim(mb_substr($value, 0, $longest)) : '';
    }

    public function textOrNull(string $name): ?string
    {
        return $this->text($name) === '' ? null : $this->text($name);
    }

    /** Whether the address names it at all, if only as empty. */
    public function says(string $name): bool
    {
        return $this->request->has($name);
    }

    /**
     * From 1.
     *
     * @return int<1, max>
     */
    public function page(string $name = 'page'): int
    {
        return max(1, min(self::LAST_PAGE, $this->number($name) ?? 1));
    }

    /** A positive number of at most 18 digits, as every id is. */
    public function number(string $name): ?int
    {
        $text = $this->text($name);

        return preg_match('/^[1-9][0-9]{0,17}$/D', $text) === 1 ? (int) $text : null;
    }

    public function week(string $name): ?Week
    {
        return WorkWeek::read($this->text($name));
    }

    /** The first day of a month as `2026-06`. */
    public function month(string $name): ?Day
    {
        $text = $this->text($name).'-01';

        return WorkDay::fault($text) === null ? Day::of($text) : null;
    }

    public function day(string $name): ?Day
    {
        $text = $this->text($name);

        return WorkDay::fault($text) === null ? Day::of($text) : null;
    }
}
