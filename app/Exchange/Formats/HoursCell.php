<?php

declare(strict_types=1);

namespace App\Exchange\Formats;

use App\Exchange\Format;
use App\Exchange\Unreadable;
use Closure;
use Moss\Core\Time\HoursFormat;
use Moss\Core\Time\HoursText;
use Moss\Core\Time\HoursTextRefused;
use Moss\Core\Time\Minutes;

/** Hours in any accepted hours text, held as minutes. */
final readonly class HoursCell implements Format
{
    /** @param  Closure(string): Minutes  $reading */
    private function __construct(private Closure $reading, private string $expected)
    {
    }

    public static function onDay(): self
    {
        return new self(HoursText::onDay(...), 'hours_on_day');
    }

    public static function ofPlan(): self
    {
        return new self(HoursText::ofPlan(...), 'hours_of_plan');
    }

    public static function ofEntry(): self
    {
        return new self(HoursText::ofCorrection(...), 'hours_on_day');
    }

    public function read(string $text): int
    {
        try {
            return ($this->reading)($text)->toInt();
        } catch (HoursTextRefused) {
            throw Unreadable::expected($this->expected);
        }
    }

    public function print(string|int $value): string
    {
        return HoursFormat::exact(Minutes::of((int) $value));
    }
}
