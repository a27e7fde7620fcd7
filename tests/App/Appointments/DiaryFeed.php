<?php

declare(strict_types=1);

namespace Tests\App\Appointments;

use App\Features\Appointments\Feeds\CalendarFeed;
use App\Features\Appointments\Feeds\FeedAnswer;
use App\Features\Appointments\Feeds\FeedFailed;

/** A calendar of a test, at any address. */
final class DiaryFeed implements CalendarFeed
{
    /** @var list<string> versions that were named when it was asked */
    public array $asked = [];

    public string $version = '"1"';

    public ?string $failure = null;

    /** @var array<string, list<string>> lines by uid */
    public array $events = [];

    public function read(string $address, string $version): FeedAnswer
    {
        $this->asked[] = $version;
        if ($this->failure !== null) {
            throw FeedFailed::because($this->failure);
        }

        return new FeedAnswer($version === $this->version ? null : $this->text(), $this->version);
    }

    /** From an instant for an hour, on 16 June unless it says otherwise. */
    public function has(string $uid, string $title, string $starts = '20260616T080000Z', string $ends = '20260616T090000Z', string ...$more): void
    {
        $this->events[$uid] = ['SUMMARY:'.$title, 'DTSTART:'.$starts, 'DTEND:'.$ends, ...array_values($more)];
        $this->version = '"'.md5(serialize($this->events)).'"';
    }

    public function lacks(string $uid): void
    {
        unset($this->events[$uid]);
        $this->version = '"'.md5(serialize($this->events)).'"';
    }

    public function text(): string
    {
        $text = "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//Test//EN\r\n";
        foreach ($this->events as $uid => $lines) {
            $text .= "BEGIN:VEVENT\r\nUID:$uid\r\nDTSTAMP:20260101T000000Z\r\n".implode("\r\n", $lines)."\r\nEND:VEVENT\r\n";
        }

        return $text."END:VCALENDAR\r\n";
    }
}
