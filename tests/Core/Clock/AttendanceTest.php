<?php

declare(strict_types=1);

namespace Tests\Core\Clock;

use Moss\Core\Clock\Attendance;
use Moss\Core\Clock\AttendanceRefused;
use Moss\Core\Clock\NotAClockTime;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class AttendanceTest extends TestCase
{
    #[TestWith(['8', '16:30', '12-12:30', 480, '08:00 16:30 12:00-12:30'])]
    #[TestWith(['8', '16:30', '30', 480, '08:00 16:30 30'])]
    #[TestWith(['8', '16:30', '0:30', 480, '08:00 16:30 30'])]
    #[TestWith(['8', '16:30', '30 min', 480, '08:00 16:30 30'])]
    #[TestWith(['8', '16:30', '', 510, '08:00 16:30 '])]
    #[TestWith(['8', '18', '15-15:10, 12–12:45 10-10:05', 540, '08:00 18:00 10:00-10:05, 12:00-12:45, 15:00-15:10'])]
    #[TestWith(['22', '6', '2-2:30', 450, '22:00 06:00 02:00-02:30'])]
    #[TestWith(['22', '6', '23:45-0:15', 450, '22:00 06:00 23:45-00:15'])]
    #[TestWith(['20', '24:00', '', 240, '20:00 24:00 '])]
    #[TestWith(['8', '8', '', 1440, '08:00 08:00 '])]
    #[TestWith(['9am', '5pm', '12 - 1pm', 420, '09:00 17:00 12:00-13:00'])]
    public function test_it_is_read_as_people_type_it(string $starts, string $ends, string $breaks, int $minutes, string $expected): void
    {
        $attendance = Attendance::read($starts, $ends, $breaks);

        self::assertSame([$minutes, $expected], [$attendance->minutes()->toInt(), implode(' ', [$attendance->startText(), $attendance->endText(), $attendance->breakText()])]);
        // What is printed reads back as the same.
        self::assertEquals($attendance, Attendance::read($attendance->startText(), $attendance->endText(), $attendance->breakText()));
    }

    public function test_a_night_shift_ends_the_next_day(): void
    {
        self::assertSame([true, 1800], [Attendance::read('22', '6', '')->isOvernight(), Attendance::read('22', '6', '')->ends]);
        self::assertFalse(Attendance::read('20', '24:00', '')->isOvernight());
    }

    #[TestWith(['8', '16', '7-7:30', true])]
    #[TestWith(['8', '16', '15:30-16:30', true])]
    #[TestWith(['8', '16', '12-12:30 12:15-13', true])]
    #[TestWith(['8', '16', '12-12', true])]
    #[TestWith(['8', '16', '480', false])]
    public function test_breaks_lie_within_and_leave_time(string $starts, string $ends, string $breaks, bool $isOfBreaks): void
    {
        try {
            Attendance::read($starts, $ends, $breaks);
            self::fail('taken');
        } catch (AttendanceRefused $refused) {
            self::assertSame($isOfBreaks, $refused->isOfBreaks);
        }
    }

    #[TestWith(['', '16', ''])]
    #[TestWith(['8', 'noon', ''])]
    #[TestWith(['8', '16', 'lunch'])]
    #[TestWith(['8', '16', '12'.'-12:30-13'])]
    public function test_what_is_no_time_is_refused(string $starts, string $ends, string $breaks): void
    {
        $this->expectException(NotAClockTime::class);
        Attendance::read($starts, $ends, $breaks);
    }
}
