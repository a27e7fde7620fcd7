<?php

declare(strict_types=1);

namespace App\Support\Network;

use GuzzleHttp\Client;
use GuzzleHttp\Exception\GuzzleException;
use GuzzleHttp\Handler\CurlHandler;
use GuzzleHttp\HandlerStack;
use GuzzleHttp\Psr7\DroppingStream;
use GuzzleHttp\Psr7\Utils;
use Psr\Http\Message\ResponseInterface;

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
        // More than that is refused while it arrives. Only cURL keeps to the number: the other ways of asking would resolve the name again.
        $received = new DroppingStream(Utils::streamFor(), $longest);
        try {
            $answer = (new Client(['handler' => HandlerStack::create(new CurlHandler)]))->request($method, $host->url, [
                'headers' => $headers, 'body' => $body, 'connect_timeout' => 5, 'timeout' => self::SECONDS,
                'allow_redirects' => false, 'http_errors' => false, 'sink' => $received, 'curl' => [CURLOPT_RESOLVE => $host->pinned()],
            ]);

            return new OutsideAnswer($answer->getStatusCode(), (string) $answer->getBody(), self::headers($answer));
        } catch (GuzzleException) {
            throw OutsideUnreachable::because($received->getSize() === $longest ? OutsideUnreachable::TOO_LARGE : OutsideUnreachable::UNREACHABLE);
        }
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
