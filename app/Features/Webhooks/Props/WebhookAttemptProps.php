<?php

declare(strict_types=1);

namespace App\Features\Webhooks\Props;

/** A message that was sent, and what was answered. */
final readonly class WebhookAttemptProps
{
    /**
     * @param  string  $at  UTC instant
     * @param  string  $signature  the header with which it was sent
     * @param  int|null  $status  null without an answer
     * @param  string  $failure  why there is no answer; empty with one
     * @param  string  $answer  its first 2,000 characters
     */
    public function __construct(public string $at, public int $milliseconds, public string $signature, public ?int $status, public string $failure, public string $answer)
    {
    }
}
