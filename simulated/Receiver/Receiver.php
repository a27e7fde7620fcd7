<?php

declare(strict_types=1);

namespace Simulated\Receiver;

use Simulated\Reply;

/** Receives messages as another system should: it believes only what is signed and new, and takes what comes twice once. */
final readonly class Receiver
{
    /** How old a signature may be, in seconds. */
    private const OLDEST = 300;

    public function __construct(private string $secret, private string $folder)
    {
    }

    /** @param  int  $now  Unix time in seconds */
    public function answer(string $method, string $path, string $body, string $signature, int $now): Reply
    {
        return match ([$method, $path]) {
            ['POST', '/events'] => $this->receive($body, $signature, $now),
            ['POST', '/away'] => $this->turn(),
            ['GET', '/'] => Reply::page(ReceivedPage::of($this->events(), $this->isAway())),
            default => Reply::json(['error' => 'There is nothing here.'], 404),
        };
    }

    /** @return list<array<array-key, mixed>> in the order in which they came */
    public function events(): array
    {
        $events = [];
        foreach (is_file($this->file()) ? (file($this->file(), FILE_IGNORE_NEW_LINES) ?: []) : [] as $line) {
            $events[] = (array) json_decode($line, true, flags: JSON_THROW_ON_ERROR);
        }

        return $events;
    }

    /** Away it answers nothing but that it is, as a system does that is being repaired. */
    public function isAway(): bool
    {
        return is_file($this->folder.'/away');
    }

    private function turn(): Reply
    {
        $this->isAway() ? unlink($this->folder.'/away') : touch($this->folder.'/away');

        return Reply::redirect('/');
    }

    private function receive(string $body, string $signature, int $now): Reply
    {
        if ($this->isAway()) {
            return Reply::json(['error' => 'Being repaired.'], 503);
        }
        if (preg_match('/^t=(\d{1,12}),sha256=([0-9a-f]{64})$/', $signature, $parts) !== 1
            || abs($now - (int) $parts[1]) > self::OLDEST || ! hash_equals(hash_hmac('sha256', $parts[1].'.'.$body, $this->secret), $parts[2])) {
            return Reply::json(['error' => 'The signature is not right.'], 401);
        }
        $known = array_column($this->events(), 'id');
        $message = (array) json_decode($body, true);
        $lines = '';
        foreach (is_array($message['events'] ?? null) ? $message['events'] : [] as $event) {
            if (is_array($event) && ! in_array($event['id'] ?? null, $known, true)) {
                $lines .= json_encode($event + ['subject' => $message['subject'] ?? ''], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES)."\n";
            }
        }
        file_put_contents($this->file(), $lines, FILE_APPEND | LOCK_EX);

        return Reply::json(['received' => substr_count($lines, "\n")]);
    }

    private function file(): string
    {
        return $this->folder.'/events.jsonl';
    }
}
