<?php

declare(strict_types=1);

namespace App\Support\Network;

use GuzzleHttp\Client;
use GuzzleHttp\Exception\GuzzleException;
use Psr\Http\Message\ResponseInterface;
use RuntimeException;

/** Asks over the network: no address inside the own one unless it is allowed, no other one it leads to, and nothing that is too large or too slow. */
final readonly class PinnedHttp implements OutsideHttp
{
    private const SECONDS = 15;

    public function __construct(private PublicAddress $addresses)
    {
    }

    public function ask(string $method, string $address, array $headers = [], string $body = '', int $longest = 1_048_576): OutsideAnswer
    {
        // The name is resolved once, and what it was then is what is asked.
        $host = $this->addresses->of($address) ?? throw OutsideUnreachable::because(OutsideUnreachable::ADDRESS);
        try {
            $answer = (new Client)->request($method, $host->url, [
                'headers' => $headers, 'body' => $body, 'connect_timeout' => 5, 'timeout' => self::SECONDS, 'read_timeout' => self::SECONDS,
                'allow_redirects' => false, 'http_errors' => false, 'stream' => true, 'curl' => [CURLOPT_RESOLVE => [$host->pinned()]],
            ]);

            return new OutsideAnswer($answer->getStatusCode(), self::text($answer, $longest), self::headers($answer));
        } catch (GuzzleException) {
            throw OutsideUnreachable::because(OutsideUnreachable::UNREACHABLE);
        }
    }

    private static function text(ResponseInterface $answer, int $longest): string
    {
        [$body, $text, $until] = [$answer->getBody(), '', microtime(true) + self::SECONDS];
        try {
            while (! $body->eof()) {
                $text .= $body->read(65_536);
                if (strlen($text) > $longest || microtime(true) > $until) {
                    throw OutsideUnreachable::because(strlen($text) > $longest ? OutsideUnreachable::TOO_LARGE : OutsideUnreachable::UNREACHABLE);
                }
            }
        } catch (OutsideUnreachable $unreachable) {
            throw $unreachable;
        } catch (RuntimeException) {
            throw OutsideUnreachable::because(OutsideUnreachable::UNREACHABLE);
        }

        return $text;
    }

    /** @return array<string, string> */
    private static function headers(ResponseInterface $answer): array
    {
        $headers = [];
        foreach (array_keys($answer->getHeaders()) as $name) {
            $headers[strtolower((string) $name)] = $answer->getHeaderLine((string) $name);
        }

        return $headers;
    }
}
