<?php

declare(strict_types=1);

namespace App\Features\Appointments\Feeds;

use App\Support\Files\Calendar\TimedCalendarFile;
use App\Support\Network\PublicAddress;
use GuzzleHttp\Client;
use GuzzleHttp\Exception\GuzzleException;
use Psr\Http\Message\StreamInterface;

/** Asks addresses over the network: none inside the own one unless it is allowed, and nothing that is too large or too slow. */
final readonly class HttpCalendarFeed implements CalendarFeed
{
    private const SECONDS = 15;

    public function __construct(private PublicAddress $addresses)
    {
    }

    public function read(string $address, string $version): FeedAnswer
    {
        // The name is resolved once, and what it was then is what is asked.
        $host = $this->addresses->of($address) ?? throw FeedFailed::because('address');
        try {
            $answer = (new Client)->get($host->url, [
                'headers' => ['Accept' => 'text/calendar'] + ($version === '' ? [] : ['If-None-Match' => $version]),
                'connect_timeout' => 5, 'timeout' => self::SECONDS, 'allow_redirects' => false, 'http_errors' => false, 'stream' => true,
                'curl' => [CURLOPT_RESOLVE => [$host->pinned()]],
            ]);
        } catch (GuzzleException) {
            throw FeedFailed::because('unreachable');
        }

        return match (true) {
            $answer->getStatusCode() === 304 => new FeedAnswer(null, $version),
            in_array($answer->getStatusCode(), [401, 403, 404, 410], true) => throw FeedFailed::because('refused'),
            $answer->getStatusCode() !== 200 => throw FeedFailed::because('unreachable'),
            default => new FeedAnswer(self::text($answer->getBody()), mb_substr($answer->getHeaderLine('ETag'), 0, 200)),
        };
    }

    private static function text(StreamInterface $body): string
    {
        $text = '';
        while (! $body->eof()) {
            $text .= $body->read(65_536);
            if (strlen($text) > TimedCalendarFile::LONGEST) {
                throw FeedFailed::because('too_large');
            }
        }

        return $text;
    }
}
