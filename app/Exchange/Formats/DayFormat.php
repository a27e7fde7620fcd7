<?php

declare(strict_types=1);

namespace App\Exchange\Formats;

use App\Exchange\Format;
use App\Exchange\Unreadable;
use App\Support\Clock\Today;
use Moss\Core\Calendar\DateLimits;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\NotADay;

/** A day, `YYYY-MM-DD`. */
final readonly class DayFormat implements Format
{
    public function __construct(private ?DateLimits $limits = null)
    {
    }

    /** Of a day on which there can be work or a plan. */
    public static function ofWork(): self
    {
        return new self(app(Today::class)->limits());
    }

    public function read(string $text): string
    {
        try {
            $day = Day::of($text);
        } catch (NotADay) {
            throw Unreadable::expected('day');
        }
        if ($this->limits !== null && ! $this->limits->includes($day)) {
            throw Unreadable::expected('work_day', ['first' => $this->limits->days()->first()->toString(), 'last' => $this->limits->days()->last()->toString()]);
        }

        return $day->toString();
    }

    public function print(string|int $value): string
    {
        return (string) $value;
    }
}
