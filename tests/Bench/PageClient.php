<?php

declare(strict_types=1);

namespace Tests\Bench;

use Closure;
use CurlHandle;
use RuntimeException;

/** Asks the server of bin/bench for pages and reads from the system how much CPU time it took. */
final class PageClient
{
    private const WARM_UP = 4;

    private const TIMES = 24;

    private readonly CurlHandle $curl;

    /** @var non-empty-string */
    private string $cookies = '-';

    private string $token = '';

    /** @param  string  $memoryFile  to which the server writes how much memory the last request took */
    public function __construct(private readonly int $port, private readonly int $process, private readonly string $memoryFile)
    {
        $this->curl = curl_init();
    }

    public function signIn(string $person): void
    {
        $this->cookies = tempnam(sys_get_temp_dir(), 'moss') ?: throw new RuntimeException('No file for cookies.');
        $this->ask('GET', '/sign-in');
        $this->ask('POST', '/sign-in', ['email' => $person.'@measured.example', 'password' => LargeOrganisation::PASSWORD]);
    }

    /**
     * @param  (Closure(): array<string, mixed>)|null  $body  of each request
     * @return float microseconds of CPU time per request
     */
    public function cpu(string $method, string $address, ?Closure $body = null): float
    {
        for ($time = 0; $time < self::WARM_UP; $time++) {
            $this->ask($method, $address, $body === null ? null : $body());
        }
        $before = $this->ticks();
        for ($time = 0; $time < self::TIMES; $time++) {
            $this->ask($method, $address, $body === null ? null : $body());
        }

        return max(1, $this->ticks() - $before) * 10_000 / self::TIMES;
    }

    /** @return int bytes */
    public function memory(string $address): int
    {
        $this->ask('GET', $address);
        // The server writes it after it has answered.
        usleep(50_000);

        return (int) file_get_contents($this->memoryFile);
    }

    /** @param  array<string, mixed>|null  $body */
    private function ask(string $method, string $address, ?array $body = null): void
    {
        curl_reset($this->curl);
        curl_setopt_array($this->curl, [
            CURLOPT_URL => 'http://127.0.0.1:'.$this->port.$address, CURLOPT_RETURNTRANSFER => true, CURLOPT_HEADER => true,
            CURLOPT_CUSTOMREQUEST => $method === '' ? 'GET' : $method, CURLOPT_COOKIEJAR => $this->cookies, CURLOPT_COOKIEFILE => $this->cookies,
            CURLOPT_HTTPHEADER => $body === null ? ['Accept: text/html'] : ['Accept: application/json', 'Content-Type: application/json', 'X-XSRF-TOKEN: '.$this->token],
        ]);
        if ($body !== null) {
            curl_setopt($this->curl, CURLOPT_POSTFIELDS, json_encode($body, JSON_THROW_ON_ERROR));
        }
        $answer = curl_exec($this->curl);
        $status = curl_getinfo($this->curl, CURLINFO_RESPONSE_CODE);
        if (! is_string($answer) || $status >= 400) {
            throw new RuntimeException("$method $address was answered with $status.\n".substr((string) $answer, 0, 3000));
        }
        if (preg_match('/^Set-Cookie: XSRF-TOKEN=([^;]+)/mi', $answer, $found) === 1) {
            $this->token = urldecode($found[1]);
        }
    }

    /** Of hundredths of seconds, in the process itself. */
    private function ticks(): int
    {
        $fields = explode(' ', substr((string) strrchr((string) file_get_contents('/proc/'.$this->process.'/stat'), ')'), 2));

        return (int) $fields[11] + (int) $fields[12];
    }
}
