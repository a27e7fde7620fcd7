<?php

declare(strict_types=1);

namespace App\Support\Files\Calendar;

use App\Support\Clock\Today;
use DateTimeImmutable;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VEvent;
use Sabre\VObject\ParseException;
use Sabre\VObject\Property;
use Sabre\VObject\Property\ICalendar\DateTime;
use Sabre\VObject\Reader;
use Throwable;

/** Events of whole days as iCalendar (RFC 5545), out and in; those with a time of day are left out. */
final readonly class CalendarFile
{
    /** The longest text that is read, in bytes. */
    public const LONGEST = 500_000;

    private const YEARS = 2;

    public function __construct(private Today $today)
    {
    }

    /** @param  list<CalendarEvent>  $events */
    public function write(string $name, array $events): string
    {
        $calendar = new VCalendar(['PRODID' => '-//Moss Week//Days//EN', 'NAME' => $name, 'X-WR-CALNAME' => $name]);
        foreach ($events as $event) {
            $written = $calendar->createComponent('VEVENT', [], false);
            $written->add('UID', $event->uid);
            $written->add('DTSTAMP', $this->today->now());
            $written->add('SUMMARY', $event->summary);
            $written->add('DTSTART', str_replace('-', '', $event->days->first()->toString()), ['VALUE' => 'DATE']);
            // The end of an event of whole days is the day after it.
            $written->add('DTEND', str_replace('-', '', $event->days->last()->plusDays(1)->toString()), ['VALUE' => 'DATE']);
            $written->add('TRANSP', 'TRANSPARENT');
            $calendar->add($written);
        }

        return $calendar->serialize();
    }

    /**
     * Events of whole days that are not cancelled, those that recur once for each time, from a year ago to a year ahead.
     *
     * @return list<CalendarEvent>
     *
     * @throws CalendarFileUnreadable
     */
    public function read(string $text): array
    {
        $day = $this->today->in('UTC');
        try {
            $calendar = Reader::read($text, Reader::OPTION_FORGIVING);
            if (! $calendar instanceof VCalendar) {
                throw new CalendarFileUnreadable;
            }
            $calendar = $calendar->expand(new DateTimeImmutable($day->plusDays(-365)->toString()), new DateTimeImmutable($day->plusDays(self::YEARS * 365)->toString()));
        } catch (ParseException|CalendarFileUnreadable) {
            throw new CalendarFileUnreadable;
        } catch (Throwable) {
            // A calendar with a rule or a zone that makes no sense.
            throw new CalendarFileUnreadable;
        }
        $events = [];
        foreach ($calendar->select('VEVENT') as $event) {
            $read = $event instanceof VEvent ? self::event($event) : null;
            if ($read !== null) {
                $events[] = $read;
            }
        }

        return $events;
    }

    private static function event(VEvent $event): ?CalendarEvent
    {
        $start = $event->select('DTSTART')[0] ?? null;
        $end = $event->select('DTEND')[0] ?? null;
        $word = static function (string $name) use ($event): string {
            $property = $event->select($name)[0] ?? null;

            return $property instanceof Property ? trim($property->getValue()) : '';
        };
        if (! $start instanceof DateTime || $start->hasTime() || strtoupper($word('STATUS')) === 'CANCELLED') {
            return null;
        }
        $first = Day::of($start->getDateTime()->format('Y-m-d'));
        $last = $end instanceof DateTime ? Day::of($end->getDateTime()->format('Y-m-d'))->plusDays(-1) : $first;
        if ($last->isBefore($first)) {
            $last = $first;
        }
        $again = $word('RECURRENCE-ID');

        return new CalendarEvent(mb_substr($word('UID') === '' ? $word('SUMMARY').' '.$first->toString() : $word('UID').($again === '' ? '' : ' '.$again), 0, 255), mb_substr($word('SUMMARY'), 0, 200), DayRange::between($first, $last));
    }
}
