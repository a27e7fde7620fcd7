<?php

declare(strict_types=1);

namespace Tests\Core\Clock;

use Moss\Core\Clock\ClockTime;
use Moss\Core\Clock\NotAClockTime;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class ClockTimeTest extends TestCase
{
    #[TestWith(['9', '09:00'])]
    #[TestWith(['0', '00:00'])]
    #[TestWith(['17', '17:00'])]
    #[TestWith(['9:30', '09:30'])]
    #[TestWith(['9.05', '09:05'])]
    #[TestWith(['0930', '09:30'])]
    #[TestWith(['930', '09:30'])]
    #[TestWith(['24:00', '24:00'])]
    #[TestWith(['9am', '09:00'])]
    #[TestWith(['12am', '00:00'])]
    #[TestWith(['12pm', '12:00'])]
    #[TestWith(['5:15 PM', '17:15'])]
    #[TestWith([' 8p ', '20:00'])]
    public function test_it_is_read_as_people_type_it(string $text, string $expected): void
    {
        self::assertSame($expected, ClockTime::read($text)->toString());
    }

    #[TestWith([''])]
    #[TestWith(['noon'])]
    #[TestWith(['9:60'])]
    #[TestWith(['24:01'])]
    #[TestWith(['25'])]
    #[TestWith(['13pm'])]
    #[TestWith(['0am'])]
    #[TestWith(['-1'])]
    #[TestWith(['9:5'])]
    public function test_anything_else_is_refused(string $text): void
    {
        $this->expectException(NotAClockTime::class);
        ClockTime::read($text);
    }

    public function test_minutes_outside_a_day_are_refused(): void
    {
        self::assertSame([0, 1440], [ClockTime::atMinute(0)->minute(), ClockTime::atMinute(1440)->minute()]);
        foreach ([-1, 1441] as $minute) {
            try {
                ClockTime::atMinute($minute);
                self::fail('taken');
            } catch (NotAClockTime $refused) {
                self::assertSame((string) $minute, $refused->given);
            }
        }
    }
}
