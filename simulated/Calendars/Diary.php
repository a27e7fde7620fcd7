<?php

declare(strict_types=1);

namespace Simulated\Calendars;

use DateTimeImmutable;

/** What one of the demo people has in their calendar around a day. */
final readonly class Diary
{
    private const ZONE = 'Europe/Dublin';

    /** Title, weekday from 0, start, minutes, guests and what makes it special. */
    private const OF = [
        'callum.reyes' => [
            ['Team meeting', 0, '09:00', 45, [], 'weekly'],
            ['Sphagnum planting with volunteers', 1, '10:00', 150, [], 'once'],
            ['Consents call', 2, '14:00', 60, ['mwatkin@tarn-wendle.example'], 'weekly, moved'],
            ['Gates and sluices: site walk', 3, '08:30', 210, [], 'once'],
            ['Dentist', 3, '16:00', 60, [], 'private'],
            ['Report review', 4, '11:00', 60, [], 'cancelled'],
            ['Bank holiday reminder', 4, '00:00', 1440, [], 'whole day'],
        ],
        'sorrel.mead' => [
            ['Sill repair: formwork', 0, '09:00', 120, [], 'once'],
            ['Gauge readings', 1, '08:00', 30, [], 'weekly'],
            ['Breakfast talk', 2, '08:00', 60, [], 'once'],
            ['Doctor', 3, '12:00', 45, [], 'private'],
        ],
    ];

    /** @return list<string> whose there are */
    public static function people(): array
    {
        return array_keys(self::OF);
    }

    /** @return string|null the calendar as iCalendar; null where there is none */
    public static function of(string $code, DateTimeImmutable $today): ?string
    {
        if (! isset(self::OF[$code])) {
            return null;
        }
        $monday = $today->modify('monday this week');
        $events = [];
        foreach (self::OF[$code] as $index => [$title, $weekday, $time, $minutes, $guests, $kind]) {
            array_push($events, ...self::event($code.'-'.$index, $title, $monday->modify('+'.$weekday.' days'), $time, $minutes, $guests, $kind));
        }

        return implode("\r\n", ['BEGIN:VCALENDAR', 'VERSION:2.0', 'PRODID:-//Fenlight Works//Simulated calendars//EN', ...$events, 'END:VCALENDAR', '']);
    }

    /**
     * @param  list<string>  $guests
     * @return list<string>
     */
    private static function event(string $uid, string $title, DateTimeImmutable $day, string $time, int $minutes, array $guests, string $kind): array
    {
        $isWeekly = str_starts_with($kind, 'weekly');
        $first = $isWeekly ? $day->modify('-21 days') : $day;
        $times = $kind === 'whole day'
            ? ['DTSTART;VALUE=DATE:'.$first->format('Ymd'), 'DTEND;VALUE=DATE:'.$first->modify('+1 day')->format('Ymd')]
            : ['DTSTART;TZID='.self::ZONE.':'.self::at($first, $time, 0), 'DTEND;TZID='.self::ZONE.':'.self::at($first, $time, $minutes)];
        $lines = [
            'BEGIN:VEVENT', 'UID:'.$uid.'@fenlight.example', 'DTSTAMP:20260101T000000Z', 'SUMMARY:'.str_replace([',', ';'], ['\,', '\;'], $title), ...$times,
            ...($isWeekly ? ['RRULE:FREQ=WEEKLY;COUNT=8', 'EXDATE;TZID='.self::ZONE.':'.self::at($first->modify('+7 days'), $time, 0)] : []),
            ...($kind === 'private' ? ['CLASS:PRIVATE'] : []), ...($kind === 'cancelled' ? ['STATUS:CANCELLED'] : []),
            ...array_map(static fn (string $guest): string => 'ATTENDEE:mailto:'.$guest, $guests), 'END:VEVENT',
        ];
        if ($kind !== 'weekly, moved') {
            return $lines;
        }

        // This week it is an hour later.
        return [
            ...$lines, 'BEGIN:VEVENT', 'UID:'.$uid.'@fenlight.example', 'RECURRENCE-ID;TZID='.self::ZONE.':'.self::at($day, $time, 0), 'DTSTAMP:20260101T000000Z', 'SUMMARY:'.$title,
            'DTSTART;TZID='.self::ZONE.':'.self::at($day, $time, 60), 'DTEND;TZID='.self::ZONE.':'.self::at($day, $time, 60 + $minutes), ...array_map(static fn (string $guest): string => 'ATTENDEE:mailto:'.$guest, $guests), 'END:VEVENT',
        ];
    }

    private static function at(DateTimeImmutable $day, string $time, int $minutes): string
    {
        return (new DateTimeImmutable($day->format('Y-m-d').' '.$time))->modify('+'.$minutes.' minutes')->format('Ymd\THis');
    }
}
