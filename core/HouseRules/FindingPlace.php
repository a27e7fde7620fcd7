<?php

declare(strict_types=1);

namespace Moss\Core\HouseRules;

use Moss\Core\Calendar\Day;
use Moss\Core\Sheet\Line;

/**
 * Where on a sheet something was found: the week, a day, a line, or a cell.
 */
final readonly class FindingPlace
{
    private function __construct(public ?Line $line, public ?Day $day)
    {
    }

    public static function week(): self
    {
        return new self(null, null);
    }

    public static function day(Day $day): self
    {
        return new self(null, $day);
    }

    public static function line(Line $line): self
    {
        return new self($line, null);
    }

    public static function cell(Line $line, Day $day): self
    {
        return new self($line, $day);
    }

    /** Whether an entry of this line and day is concerned. */
    public function covers(Line $line, Day $day): bool
    {
        return ($this->line === null || $this->line->key() === $line->key()) && ($this->day === null || $this->day->equals($day));
    }

    /** The same for the same place. */
    public function key(): string
    {
        return ($this->line?->key() ?? '')."\x00".($this->day?->toString() ?? '');
    }
}
