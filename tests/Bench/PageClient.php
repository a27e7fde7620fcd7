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

    private const TURNS = 7;

    /** So many requests make a turn, of which the first does not count: what was in memory before it was another's. */
    private const IN_A_TURN = 5;

    /** So many requests of each are made for a measurement. */
    public const REQUESTS = self::TURNS * self::IN_A_TURN;

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

    /** For somebody else, on the same server. */
    public function another(): self
    {
        return new self($this->port, $this->process, $this->memoryFile);
    }

    public function signIn(string $person): void
    {
        $this->cookies = [];
        $this->token = '';
        $this->ask('GET', '/sign-in');
        $this->ask('POST', '/sign-in', ['email' => $person.'@measured.example', 'password' => LargeOrganisation::PASSWORD]);
    }

    /**
     * What two requests take. They take turns, since a machine's pace changes, and what is out of the ordinary does not count.
     *
     * @param  Closure(): mixed  $one  makes a request
     * @param  Closure(): mixed  $other
     * @return array{float, float} microseconds of CPU time of each
     */
    public function inTurns(Closure $one, Closure $other): array
    {
        [$ofOne, $ofOther] = [[], []];
        for ($turn = 0; $turn < self::TURNS; $turn++) {
            $ofOne[] = $this->cpu($one);
            $ofOther[] = $this->cpu($other);
        }

        return [self::median($ofOne), self::median($ofOther)];
    }

    /**
     * @param  (Closure(string): void)|null  $check  throws if the answer is not what is measured
     * @param  array<string, mixed>|null  $body
     */
    public function request(string $method, string $address, ?array $body = null, ?Closure $check = null): void
    {
        $answer = $this->ask($method, $address, $body);
        if ($check !== null) {
            $check($answer);
        }
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

    /**
     * @param  Closure(): mixed  $request
     * @return float microseconds for each of some requests
     */
    private function cpu(Closure $request): float
    {
        $request();
        $before = $this->nanoseconds();
        for ($time = 1; $time < self::IN_A_TURN; $time++) {
            $request();
        }

        return ($this->nanoseconds() - $before) / 1000 / (self::IN_A_TURN - 1);
    }

    /** That the process has had so far. */
    private function nanoseconds(): int
    {
        return (int) strtok((string) file_get_contents('/proc/'.$this->process.'/schedstat'), ' ');
    }

    /** @param  non-empty-list<float>  $values */
    private static function median(array $values): float
    {
        sort($values);

        return $values[intdiv(count($values), 2)];
    }
}
