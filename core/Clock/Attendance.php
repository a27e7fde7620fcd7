<?php

declare(strict_types=1);

namespace Moss\Core\Clock;

use Moss\Core\Time\Minutes;

/**
 * From when to when somebody worked on a day, less breaks. A shift that ends at or before the time of its start ends on the next
 * day; it counts for the day on which it began.
 */
final readonly class Attendance
{
    private const DAY = ClockTime::END_OF_DAY;

    /**
     * @param  int  $starts  minutes after midnight, 0 to 1439
     * @param  int  $ends  minutes after the same midnight, up to 2880
     * @param  list<array{int, int}>  $breaks  likewise, in order, none on another
     */
    private function __construct(public int $starts, public int $ends, public array $breaks, private int $unplaced)
    {
    }

    /**
     * As people type it. Breaks are times, with spaces or commas between (`12-12:30, 15-15:10`), or minutes (`45`, `45m`, `0:45`).
     *
     * @throws NotAClockTime|AttendanceRefused
     */
    public static function read(string $starts, string $ends, string $breaks): self
    {
        $first = ClockTime::read($starts)->minute() % self::DAY;
        $last = ClockTime::read($ends)->minute();
        $last += $last <= $first ? self::DAY : 0;
        if (preg_match('/^\s*(?:(\d{1,4})\s*(?:m|min)?|(\d{1,2}):(\d{2}))?\s*$/i', $breaks, $found) === 1) {
            return self::of($first, $last, [], (int) ($found[1] ?? 0) + (int) ($found[2] ?? 0) * 60 + (int) ($found[3] ?? 0));
        }
        $spans = [];
        foreach (preg_split('/[\s,;]+(?=\d)/', trim(preg_replace('/\s*([-–])\s*/u', '$1', $breaks) ?? '')) ?: [] as $text) {
            $span = explode('-', str_replace('–', '-', $text));
            if (count($span) !== 2) {
                throw NotAClockTime::text($text);
            }
            [$from, $to] = [ClockTime::read($span[0])->minute(), ClockTime::read($span[1])->minute()];
            $from += $from < $first ? self::DAY : 0;
            $to += $to < $from ? self::DAY : 0;
            $spans[] = [$from, $to];
        }

        return self::of($first, $last, $spans);
    }

    /**
     * @param  list<array{int, int}>  $breaks  in any order
     * @param  int  $unplaced  minutes of breaks of which no times are known
     *
     * @throws AttendanceRefused unless breaks lie within, apart from one another, and leave time between
     */
    public static function of(int $starts, int $ends, array $breaks, int $unplaced = 0): self
    {
        usort($breaks, static fn (array $one, array $other): int => $one <=> $other);
        $reached = $starts;
        foreach ($breaks as [$from, $to]) {
            if ($from < $reached || $to <= $from || $to > $ends) {
                throw AttendanceRefused::breaks();
            }
            $reached = $to;
        }
        $attendance = new self($starts, $ends, $breaks, $unplaced);
        if ($starts < 0 || $starts >= self::DAY || $ends > $starts + self::DAY || $unplaced < 0 || $attendance->minutes()->toInt() <= 0) {
            throw AttendanceRefused::reversed();
        }

        return $attendance;
    }

    /** What was worked. */
    public function minutes(): Minutes
    {
        return Minutes::of($this->ends - $this->starts - $this->breakMinutes()->toInt());
    }

    public function breakMinutes(): Minutes
    {
        return Minutes::of($this->unplaced + array_sum(array_map(static fn (array $break): int => $break[1] - $break[0], $this->breaks)));
    }

    public function isOvernight(): bool
    {
        return $this->ends > self::DAY;
    }

    /** `08:00`. */
    public function startText(): string
    {
        return self::clock($this->starts);
    }

    /** `16:30`; of a night shift, the time of the next day. */
    public function endText(): string
    {
        return self::clock($this->ends === self::DAY ? $this->ends : $this->ends % self::DAY);
    }

    /** `12:00-12:30, 15:00-15:10`, or `45` where no times are known; empty for none. */
    public function breakText(): string
    {
        return $this->breaks === []
            ? ($this->unplaced === 0 ? '' : (string) $this->unplaced)
            : implode(', ', array_map(static fn (array $break): string => self::clock($break[0] % self::DAY).'-'.self::clock($break[1] % self::DAY), $this->breaks));
    }

    private static function clock(int $minute): string
    {
        return ClockTime::atMinute($minute)->toString();
    }
}
