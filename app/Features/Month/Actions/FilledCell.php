<?php

declare(strict_types=1);

namespace App\Features\Month\Actions;

use Moss\Core\Calendar\Day;
use Moss\Core\Time\Minutes;

/** A cell that was filled: what it held before, and its version since. */
final readonly class FilledCell
{
    private const TEXT = '/^(\d{4}-\d{2}-\d{2})\.(\d{1,4})\.(\d{1,9})$/D';

    public function __construct(public Day $day, public Minutes $before, public int $version)
    {
    }

    /** As in the address that undoes it: `2026-06-17.180.4`. */
    public static function isText(string $text): bool
    {
        return preg_match(self::TEXT, $text, $found) === 1 && (int) $found[2] <= Minutes::PER_DAY;
    }

    /** @param  string  $text  such a text, of a day that there is */
    public static function read(string $text): self
    {
        [$day, $before, $version] = explode('.', $text);

        return new self(Day::of($day), Minutes::of((int) $before), (int) $version);
    }

    public function toString(): string
    {
        return implode('.', [$this->day->toString(), $this->before->toInt(), $this->version]);
    }
}
