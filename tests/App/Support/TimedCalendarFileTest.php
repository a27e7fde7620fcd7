<?php

declare(strict_types=1);

namespace Tests\App\Support;

use App\Support\Files\Calendar\CalendarFileUnreadable;
use App\Support\Files\Calendar\TimedCalendarFile;
use App\Support\Files\Calendar\TimedEvent;
use DateTimeImmutable;
use DateTimeZone;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\App\TestCase;

/** Events with their times. The recurrences are the examples of RFC 5545, section 3.8.5.3, with the days that it lists. */
final class TimedCalendarFileTest extends TestCase
{
    /** @param  list<string>  $lines */
    #[DataProvider('recurrences')]
    public function test_events_recur_as_the_standard_says(array $lines, string $from, string $to, string $expected): void
    {
        $events = self::read(["DTSTART;TZID=America/New_York:$lines[0]", 'DURATION:PT1H', ...array_slice($lines, 1)], $from, $to);
        $zone = new DateTimeZone('America/New_York');

        self::assertSame($expected, implode(' ', array_map(static fn (TimedEvent $event): string => $event->starts->setTimezone($zone)->format('n/j H:i'), $events)));
    }

    /** @return iterable<string, array{list<string>, string, string, string}> */
    public static function recurrences(): iterable
    {
        yield 'daily for ten occurrences' => [['19970902T090000', 'RRULE:FREQ=DAILY;COUNT=10'], '1997-09-01', '1997-12-31', '9/2 09:00 9/3 09:00 9/4 09:00 9/5 09:00 9/6 09:00 9/7 09:00 9/8 09:00 9/9 09:00 9/10 09:00 9/11 09:00'];
        yield 'every ten days, five occurrences' => [['19970902T090000', 'RRULE:FREQ=DAILY;INTERVAL=10;COUNT=5'], '1997-09-01', '1997-12-31', '9/2 09:00 9/12 09:00 9/22 09:00 10/2 09:00 10/12 09:00'];
        yield 'weekly, across the end of summer time' => [['19970902T090000', 'RRULE:FREQ=WEEKLY;COUNT=10'], '1997-10-10', '1997-12-31', '10/14 09:00 10/21 09:00 10/28 09:00 11/4 09:00'];
        yield 'every other week on two days' => [['19970902T090000', 'RRULE:FREQ=WEEKLY;INTERVAL=2;COUNT=8;WKST=SU;BYDAY=TU,TH'], '1997-09-01', '1997-12-31', '9/2 09:00 9/4 09:00 9/16 09:00 9/18 09:00 9/30 09:00 10/2 09:00 10/14 09:00 10/16 09:00'];
        yield 'monthly on the first Friday' => [['19970905T090000', 'RRULE:FREQ=MONTHLY;COUNT=10;BYDAY=1FR'], '1997-09-01', '1997-12-31', '9/5 09:00 10/3 09:00 11/7 09:00 12/5 09:00'];
        yield 'monthly on the second to last Monday' => [['19970922T090000', 'RRULE:FREQ=MONTHLY;COUNT=6;BYDAY=-2MO'], '1997-09-01', '1998-01-01', '9/22 09:00 10/20 09:00 11/17 09:00 12/22 09:00'];
        yield 'monthly on the third to last day' => [['19970928T090000', 'RRULE:FREQ=MONTHLY;BYMONTHDAY=-3'], '1997-09-01', '1998-01-01', '9/28 09:00 10/29 09:00 11/28 09:00 12/29 09:00'];
        yield 'every Friday the 13th' => [['19970902T090000', 'EXDATE;TZID=America/New_York:19970902T090000', 'RRULE:FREQ=MONTHLY;BYDAY=FR;BYMONTHDAY=13'], '1998-01-01', '1998-12-31', '2/13 09:00 3/13 09:00 11/13 09:00'];
        yield 'the last working day of the month' => [['19970930T090000', 'RRULE:FREQ=MONTHLY;BYDAY=MO,TU,WE,TH,FR;BYSETPOS=-1'], '1997-09-01', '1998-01-01', '9/30 09:00 10/31 09:00 11/28 09:00 12/31 09:00'];
        yield 'until an instant' => [['19970902T090000', 'RRULE:FREQ=WEEKLY;UNTIL=19970924T000000Z'], '1997-09-01', '1997-12-31', '9/2 09:00 9/9 09:00 9/16 09:00 9/23 09:00'];
        yield 'with days that are excepted' => [['19970902T090000', 'RRULE:FREQ=DAILY;COUNT=4', 'EXDATE;TZID=America/New_York:19970903T090000'], '1997-09-01', '1997-12-31', '9/2 09:00 9/4 09:00 9/5 09:00'];
    }

    public function test_one_time_that_was_moved_lies_where_it_is_now_and_stays_the_same_time(): void
    {
        $text = fn (string $moved): string => self::calendar(['DTSTART:20260615T090000Z', 'DURATION:PT1H', 'RRULE:FREQ=DAILY;COUNT=3'], $moved);
        $moved = "BEGIN:VEVENT\r\nUID:one\r\nRECURRENCE-ID:20260616T090000Z\r\nDTSTAMP:20260101T000000Z\r\nDTSTART:20260616T140000Z\r\nDURATION:PT2H\r\nSUMMARY:Later\r\nEND:VEVENT\r\n";
        $before = self::readText($text(''));
        $after = self::readText($text($moved));

        self::assertSame(['15 09:00', '16 14:00', '17 09:00'], array_map(static fn (TimedEvent $event): string => $event->starts->format('j H:i'), $after));
        self::assertEqualsCanonicalizing(array_map(static fn (TimedEvent $event): string => $event->uid, $before), array_map(static fn (TimedEvent $event): string => $event->uid, $after));
        $cancelled = str_replace('SUMMARY:Later', 'STATUS:CANCELLED', $moved);
        self::assertSame(['15 09:00', '17 09:00'], array_map(static fn (TimedEvent $event): string => $event->starts->format('j H:i'), self::readText($text($cancelled))));
    }

    public function test_zones_of_the_file_and_times_without_any_are_understood(): void
    {
        $at = static fn (string $line): string => self::read([$line, 'DURATION:PT30M'])[0]->starts->setTimezone(new DateTimeZone('UTC'))->format('H:i');

        self::assertSame(['07:00', '09:00', '08:00'], [$at('DTSTART;TZID=Europe/Berlin:20260616T090000'), $at('DTSTART:20260616T090000Z'), $at('DTSTART:20260616T090000')]);
    }

    public function test_whole_days_private_ones_and_guests_are_known(): void
    {
        $day = self::read(['DTSTART;VALUE=DATE:20260616', 'DTEND;VALUE=DATE:20260618', 'SUMMARY:Fair'])[0];
        self::assertSame([true, '16–18', 'Fair'], [$day->isAllDay, $day->starts->format('j').'–'.$day->ends->format('j'), $day->summary]);
        $private = self::read(['DTSTART:20260616T090000Z', 'DTEND:20260616T100000Z', 'SUMMARY:Dentist', 'CLASS:PRIVATE', 'ATTENDEE:mailto:a@b.example'])[0];
        self::assertSame([true, '', []], [$private->isPrivate, $private->summary, $private->guests]);
        self::assertSame(['a@b.example', 'c@d.example'], self::read(['DTSTART:20260616T090000Z', 'DTEND:20260616T100000Z', 'ATTENDEE;CN=A:mailto:A@b.example', 'ORGANIZER:MAILTO:c@d.example'])[0]->guests);
    }

    public function test_what_takes_no_time_is_left_out(): void
    {
        self::assertSame([], self::read(['DTSTART:20260616T090000Z', 'DTEND:20260616T100000Z', 'STATUS:CANCELLED']));
        self::assertSame([], self::read(['DTSTART:20260616T090000Z', 'DTEND:20260616T100000Z', 'TRANSP:TRANSPARENT']));
        self::assertSame([], self::read(['DTSTART:20260816T090000Z', 'DTEND:20260816T100000Z']));
    }

    public function test_anything_else_is_no_calendar(): void
    {
        foreach (['', 'BEGIN:VCARD'."\r\n".'END:VCARD', '<html></html>', self::calendar(['DTSTART:20260616T090000Z', 'RRULE:FREQ=NEVER']), str_repeat('x', TimedCalendarFile::LONGEST + 1)] as $text) {
            $isRead = true;
            try {
                self::readText($text);
            } catch (CalendarFileUnreadable) {
                $isRead = false;
            }
            self::assertFalse($isRead, mb_substr($text, 0, 50));
        }
    }

    public function test_what_is_written_reads_back_as_the_same(): void
    {
        $zone = new DateTimeZone('Europe/Berlin');
        $events = [
            new TimedEvent('a', 'a', 'Fit, the lens; twice', false, new DateTimeImmutable('2026-06-16 09:00', $zone), new DateTimeImmutable('2026-06-16 11:30', $zone), false),
            new TimedEvent('b', 'b', '2 h Report', false, new DateTimeImmutable('2026-06-17', $zone), new DateTimeImmutable('2026-06-18', $zone), true),
        ];
        // Hours of a day take up none of it, so that only the first comes back as time.
        $text = TimedCalendarFile::write('Time', $events, new DateTimeImmutable('2026-06-17T10:00:00Z'));
        $read = self::readText($text);

        self::assertStringContainsString('DTSTART;VALUE=DATE:20260617', $text);
        self::assertSame([['a', 'Fit, the lens; twice', '07:00', '09:30']], array_map(static fn (TimedEvent $event): array => [$event->uid, $event->summary, $event->starts->setTimezone(new DateTimeZone('UTC'))->format('H:i'), $event->ends->setTimezone(new DateTimeZone('UTC'))->format('H:i')], $read));
    }

    /**
     * @param  list<string>  $lines
     * @return list<TimedEvent>
     */
    private static function read(array $lines, string $from = '2026-06-01', string $to = '2026-07-01'): array
    {
        return self::readText(self::calendar($lines), $from, $to);
    }

    /** @return list<TimedEvent> */
    private static function readText(string $text, string $from = '2026-06-01', string $to = '2026-07-01'): array
    {
        return TimedCalendarFile::read($text, new DateTimeImmutable($from.'T00:00:00Z'), new DateTimeImmutable($to.'T00:00:00Z'), new DateTimeZone('Europe/Dublin'));
    }

    /** @param  list<string>  $lines */
    private static function calendar(array $lines, string $more = ''): string
    {
        return "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//Test//EN\r\nBEGIN:VEVENT\r\nUID:one\r\nDTSTAMP:20260101T000000Z\r\n".implode("\r\n", $lines)."\r\nEND:VEVENT\r\n".$more."END:VCALENDAR\r\n";
    }
}
