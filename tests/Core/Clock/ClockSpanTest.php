<?php

declare(strict_types=1);

namespace Tests\Core\Clock;

use Moss\Core\Clock\ClockSpan;
use Moss\Core\Clock\NotAClockTime;
use Moss\Core\Clock\SpanReversed;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class ClockSpanTest extends TestCase
{
    #[TestWith(['9-11:30', '09:00–11:30', 150])]
    #[TestWith(['13:00–17:15', '13:00–17:15', 255])]
    #[TestWith(['9am - 12pm', '09:00–12:00', 180])]
    #[TestWith(['11-1', '11:00–13:00', 120])]
    #[TestWith(['12-1', '12:00–13:00', 60])]
    #[TestWith(['9 to 5', '09:00–17:00', 480])]
    #[TestWith(['22-0', '22:00–24:00', 120])]
    #[TestWith(['0-24', '00:00–24:00', 1440])]
    #[TestWith(['8:59-9', '08:59–09:00', 1])]
    public function test_it_is_read_as_people_type_it(string $text, string $expected, int $minutes): void
    {
        $span = ClockSpan::read($text);

        self::assertSame([$expected, $minutes], [$span->toString(), $span->minutes()->toInt()]);
    }

    /** @param  class-string<\Throwable>  $error */
    #[TestWith(['9-9', SpanReversed::class])]
    #[TestWith(['17-9pm-', NotAClockTime::class])]
    #[TestWith(['22-14', SpanReversed::class])]
    #[TestWith(['3pm-2pm', SpanReversed::class])]
    #[TestWith(['9', NotAClockTime::class])]
    #[TestWith(['9-', NotAClockTime::class])]
    #[TestWith(['9-25', NotAClockTime::class])]
    public function test_anything_else_is_refused(string $text, string $error): void
    {
        $this->expectException($error);
        ClockSpan::read($text);
    }

    #[TestWith(['9-10', '10-11', false])]
    #[TestWith(['9-10', '9:59-11', true])]
    #[TestWith(['9-12', '10-11', true])]
    #[TestWith(['9-10', '9-10', true])]
    public function test_spans_that_share_a_minute_overlap(string $one, string $other, bool $expected): void
    {
        self::assertSame([$expected, $expected], [ClockSpan::read($one)->overlaps(ClockSpan::read($other)), ClockSpan::read($other)->overlaps(ClockSpan::read($one))]);
    }
}
