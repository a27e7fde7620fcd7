<?php

declare(strict_types=1);

namespace App\Support\Files\Calendar;

use DateTimeImmutable;
use DateTimeZone;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VEvent;
use Sabre\VObject\Property;
use Sabre\VObject\Property\ICalendar\DateTime;
use Sabre\VObject\Reader;
use Throwable;

/** Events with their times as iCalendar (RFC 5545), in and out. */
final class TimedCalendarFile
{
    /** The longest text that is read, in bytes. */
    public const LONGEST = 5_000_000;

    /** So many times of events are read at most. */
    private const MOST = 5000;

    /**
     * Every time of every event between two instants that takes up time: not cancelled and not marked as free; of those that recur,
     * each time by itself, without the excepted ones and with the moved ones where they are now.
     *
     * @param  DateTimeZone  $zone  of times that name none
     * @return list<TimedEvent>
     *
     * @throws CalendarFileUnreadable
     */
    public static function read(string $text, DateTimeImmutable $from, DateTimeImmutable $to, DateTimeZone $zone): array
    {
        if (strlen($text) > self::LONGEST) {
            throw new CalendarFileUnreadable;
        }
        try {
            $calendar = Reader::read($text, Reader::OPTION_FORGIVING);
            if (! $calendar instanceof VCalendar) {
                throw new CalendarFileUnreadable;
            }
            $found = [];
            foreach ($calendar->expand($from, $to, $zone)->select('VEVENT') as $event) {
                $read = $event instanceof VEvent ? self::event($event, $zone) : null;
                if ($read !== null) {
                    $found[$read->uid] = $read;
                }
            }

            return array_slice(array_values($found), 0, self::MOST);
        } catch (CalendarFileUnreadable $unreadable) {
            throw $unreadable;
        } catch (Throwable) {
            // A calendar with a rule or a zone that makes no sense.
            throw new CalendarFileUnreadable;
        }
    }

    /** @param  list<TimedEvent>  $events */
    public static function write(string $name, array $events, DateTimeImmutable $now): string
    {
        $calendar = new VCalendar(['PRODID' => '-//Moss Week//Time//EN', 'NAME' => $name, 'X-WR-CALNAME' => $name]);
        foreach ($events as $event) {
            $written = $calendar->createComponent('VEVENT', [], false);
            $written->add('UID', $event->uid);
            $written->add('DTSTAMP', $now);
            $written->add('SUMMARY', $event->summary);
            if ($event->isAllDay) {
                $written->add('DTSTART', $event->starts->format('Ymd'), ['VALUE' => 'DATE']);
                $written->add('DTEND', $event->ends->format('Ymd'), ['VALUE' => 'DATE']);
                $written->add('TRANSP', 'TRANSPARENT');
            } else {
                $written->add('DTSTART', $event->starts);
                $written->add('DTEND', $event->ends);
            }
            $calendar->add($written);
        }

        return $calendar->serialize();
    }

    private static function event(VEvent $event, DateTimeZone $zone): ?TimedEvent
    {
        $start = $event->select('DTSTART')[0] ?? null;
        if (! $start instanceof DateTime || in_array(self::word($event, 'STATUS'), ['CANCELLED'], true) || self::word($event, 'TRANSP') === 'TRANSPARENT') {
            return null;
        }
        $isAllDay = ! $start->hasTime();
        $starts = $start->getDateTime($zone);
        $ends = self::end($event, $starts, $isAllDay, $zone);
        $isPrivate = in_array(self::word($event, 'CLASS'), ['PRIVATE', 'CONFIDENTIAL'], true);
        $series = mb_substr(self::text($event, 'UID') === '' ? self::text($event, 'SUMMARY').' '.$starts->format('c') : self::text($event, 'UID'), 0, 500);
        $again = self::text($event, 'RECURRENCE-ID');

        return new TimedEvent(
            $series.($again === '' ? '' : ' '.$again), $series, $isPrivate ? '' : mb_substr(self::text($event, 'SUMMARY'), 0, 300), $isPrivate,
            DateTimeImmutable::createFromInterface($starts), DateTimeImmutable::createFromInterface($ends), $isAllDay, $isPrivate ? [] : self::guests($event),
        );
    }

    private static function end(VEvent $event, DateTimeImmutable $starts, bool $isAllDay, DateTimeZone $zone): DateTimeImmutable
    {
        $end = $event->select('DTEND')[0] ?? null;
        $length = $event->select('DURATION')[0] ?? null;
        $ends = match (true) {
            $end instanceof DateTime => $end->getDateTime($zone),
            $length instanceof Property\ICalendar\Duration => $starts->add($length->getDateInterval()),
            default => $isAllDay ? $starts->modify('+1 day') : $starts,
        };

        return max($starts, DateTimeImmutable::createFromInterface($ends));
    }

    /** @return list<string> */
    private static function guests(VEvent $event): array
    {
        $guests = [];
        foreach ([...$event->select('ATTENDEE'), ...$event->select('ORGANIZER')] as $one) {
            $address = $one instanceof Property ? strtolower(trim($one->getValue())) : '';
            if (str_starts_with($address, 'mailto:') && count($guests) < 200) {
                $guests[] = substr($address, 7);
            }
        }

        return array_values(array_unique($guests));
    }

    private static function text(VEvent $event, string $name): string
    {
        $property = $event->select($name)[0] ?? null;

        return $property instanceof Property ? trim($property->getValue()) : '';
    }

    /** A value that is one of a few words. */
    private static function word(VEvent $event, string $name): string
    {
        return strtoupper(self::text($event, $name));
    }
}
