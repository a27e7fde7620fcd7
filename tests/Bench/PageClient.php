<?php

declare(strict_types=1);

namespace Tests\Bench;

use Closure;
use CurlHandle;
use RuntimeException;

/** Asks the server of bin/bench for pages and reads from the system how much CPU time it took. */
final class PageClient
{
    /** What a project's page asks for once it is there. */
    public const LATER = 'LATER';

    private const WARM_UP = 4;

    private const TIMES = 24;

    /** So many requests are made for each measurement. */
    public const REQUESTS = self::WARM_UP + self::TIMES;

    private readonly CurlHandle $curl;

    /** @var array<string, string> by name */
    private array $cookies = [];

    private string $token = '';

    /** @var array{string, string} method and address of the last request */
    private array $asked = ['', ''];

    /** Of the interface, as its pages say. */
    private string $version = '';

    /** @param  string  $memoryFile  to which the server writes how much memory the last request took */
    public function __construct(private readonly int $port, private readonly int $process, private readonly string $memoryFile)
    {
        $this->curl = curl_init();
    }

    public function signIn(string $person): void
    {
        $this->cookies = [];
        $this->token = '';
        $this->ask('GET', '/sign-in');
        $this->ask('POST', '/sign-in', ['email' => $person.'@measured.example', 'password' => LargeOrganisation::PASSWORD]);
    }

    /**
     * @param  (Closure(): array<string, mixed>)|null  $body  of each request
     * @param  (Closure(string): void)|null  $check  throws if an answer is not what is measured
     * @return float microseconds of CPU time per request
     */
    public function cpu(string $method, string $address, ?Closure $body = null, ?Closure $check = null): float
    {
        for ($time = 0; $time < self::WARM_UP; $time++) {
            $this->checked($method, $address, $body, $check);
        }
        $before = $this->ticks();
        for ($time = 0; $time < self::TIMES; $time++) {
            $this->checked($method, $address, $body, $check);
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

    /**
     * @param  (Closure(): array<string, mixed>)|null  $body
     * @param  (Closure(string): void)|null  $check
     */
    private function checked(string $method, string $address, ?Closure $body, ?Closure $check): void
    {
        $answer = $this->ask($method, $address, $body === null ? null : $body());
        if ($check !== null) {
            $check($answer);
        }
    }

    /** @param  array<string, mixed>|null  $body */
    private function ask(string $method, string $address, ?array $body = null): string
    {
        return $this->answered(curl_exec($this->prepared($method, $address, $body)));
    }

    /**
     * The request, not sent yet.
     *
     * @param  array<string, mixed>|null  $body
     */
    public function prepared(string $method, string $address, ?array $body = null): CurlHandle
    {
        $this->asked = [$method, $address];
        curl_reset($this->curl);
        curl_setopt_array($this->curl, [
            CURLOPT_URL => 'http://127.0.0.1:'.$this->port.$address, CURLOPT_RETURNTRANSFER => true, CURLOPT_HEADER => true,
            CURLOPT_CUSTOMREQUEST => in_array($method, ['', self::LATER], true) ? 'GET' : $method,
            CURLOPT_HTTPHEADER => match (true) {
                $method === self::LATER => ['Accept: text/html', 'X-Inertia: true', 'X-Inertia-Partial-Component: Project', 'X-Inertia-Partial-Data: progress,changes', 'X-Inertia-Version: '.$this->version],
                $body === null => ['Accept: text/html'],
                // As the form does; a request beside a page would not begin a session.
                $address === '/sign-in' => ['Accept: text/html', 'X-Inertia: true', 'Content-Type: application/json', 'X-XSRF-TOKEN: '.$this->token],
                default => ['Accept: application/json', 'Content-Type: application/json', 'X-XSRF-TOKEN: '.$this->token],
            },
        ]);
        $cookies = array_map(static fn (string $name, string $value): string => $name.'='.$value, array_keys($this->cookies), $this->cookies);
        if ($cookies !== []) {
            curl_setopt($this->curl, CURLOPT_COOKIE, implode('; ', $cookies));
        }
        if ($body !== null) {
            curl_setopt($this->curl, CURLOPT_POSTFIELDS, json_encode($body, JSON_THROW_ON_ERROR));
        }

        return $this->curl;
    }

    /**
     * What was answered to what was prepared last.
     *
     * @throws RuntimeException if that is not what was asked for
     */
    public function answered(string|bool|null $answer): string
    {
        [$method, $address] = $this->asked;
        $status = curl_getinfo($this->curl, CURLINFO_RESPONSE_CODE);
        if (! is_string($answer) || $status >= 400) {
            throw new RuntimeException("$method $address was answered with $status.\n".substr((string) $answer, 0, 3000));
        }
        $this->version = preg_match('/"version":"([^"]*)"/', $answer, $found) === 1 ? $found[1] : $this->version;
        preg_match_all('/^Set-Cookie: ([^=]+)=([^;]*)/mi', $answer, $set, PREG_SET_ORDER);
        foreach ($set as [, $name, $value]) {
            $this->cookies[$name] = $value;
            $this->token = $name === 'XSRF-TOKEN' ? urldecode($value) : $this->token;
        }
        if ($method === 'GET' && $address !== '/sign-in' && $status !== 200) {
            throw new RuntimeException("$address sends on, as it does to whom is not signed in.");
        }

        return $answer;
    }

    /** Of hundredths of seconds, in the process itself. */
    private function ticks(): int
    {
        $fields = explode(' ', substr((string) strrchr((string) file_get_contents('/proc/'.$this->process.'/stat'), ')'), 2));

        return (int) $fields[11] + (int) $fields[12];
    }
}
