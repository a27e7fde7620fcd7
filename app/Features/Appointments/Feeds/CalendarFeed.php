<?php

declare(strict_types=1);

namespace App\Features\Appointments\Feeds;

/** Calendars at addresses. */
interface CalendarFeed
{
    /**
     * @param  string  $version  what the address said of its contents the last time; empty for nothing
     *
     * @throws FeedFailed
     */
    public function read(string $address, string $version): FeedAnswer;
}
