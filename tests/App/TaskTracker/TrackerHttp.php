<?php

declare(strict_types=1);

namespace Tests\App\TaskTracker;

use App\Support\Network\OutsideAnswer;
use App\Support\Network\OutsideHttp;
use App\Support\Network\OutsideUnreachable;
use Closure;
use RuntimeException;
use Simulated\Tracker\Tracker;

/** The network of a test: at every address the simulated tracker, with what can go wrong on the way. */
final class TrackerHttp implements OutsideHttp
{
    /** @var (Closure(): string)|null what goes wrong with a request: `lost`, `unanswered`, `crash`, or nothing */
    public ?Closure $mishap = null;

    public int $asked = 0;

    public function __construct(private readonly Tracker $tracker)
    {
    }

    public function ask(string $method, string $address, array $headers = [], string $body = '', int $longest = 1_048_576): OutsideAnswer
    {
        $this->asked++;
        $mishap = $this->mishap === null ? '' : ($this->mishap)();
        if ($mishap === 'lost') {
            throw OutsideUnreachable::because(OutsideUnreachable::UNREACHABLE);
        }
        parse_str((string) parse_url($address, PHP_URL_QUERY), $query);
        $since = $query['since'] ?? '';
        $reply = $this->tracker->answer($method, (string) parse_url($address, PHP_URL_PATH), array_change_key_case($headers), $body, is_string($since) ? $since : '');

        return match ($mishap) {
            'unanswered' => throw OutsideUnreachable::because(OutsideUnreachable::UNREACHABLE),
            'crash' => throw new RuntimeException('The power went out.'),
            default => new OutsideAnswer($reply->status, $reply->body, array_change_key_case($reply->headers)),
        };
    }
}
