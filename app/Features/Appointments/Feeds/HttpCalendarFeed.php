<?php

declare(strict_types=1);

namespace App\Features\Appointments\Feeds;

use App\Support\Files\Calendar\TimedCalendarFile;
use App\Support\Network\OutsideHttp;
use App\Support\Network\OutsideUnreachable;

/** Asks addresses over the network. */
final readonly class HttpCalendarFeed implements CalendarFeed
{
    public function __construct(private OutsideHttp $http)
    {
    }

    public function read(string $address, string $version): FeedAnswer
    {
        try {
            $answer = $this->http->ask('GET', $address, ['Accept' => 'text/calendar'] + ($version === '' ? [] : ['If-None-Match' => $version]), longest: TimedCalendarFile::LONGEST);
        } catch (OutsideUnreachable $unreachable) {
            throw FeedFailed::because($unreachable->key);
        }

        return match (true) {
            $answer->status === 304 => new FeedAnswer(null, $version),
            in_array($answer->status, [401, 403, 404, 410], true) => throw FeedFailed::because('refused'),
            $answer->status !== 200 => throw FeedFailed::because('unreachable'),
            default => new FeedAnswer($answer->body, mb_substr($answer->header('ETag'), 0, 200)),
        };
    }
}
