<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A message that was sent, and what was answered.
 *
 * @property int $id
 * @property int $webhook_message_id
 * @property string $at
 * @property int $milliseconds  until the answer, or until it was given up
 * @property string $signature  the header with which it was sent
 * @property int|null $status  null without an answer
 * @property string $failure  why there is no answer, by a key of the sentences
 * @property string $answer  its beginning
 */
final class WebhookAttempt extends Model
{
    protected $table = 'webhook_attempts';

    public $timestamps = false;

    protected $fillable = ['webhook_message_id', 'at', 'milliseconds', 'signature', 'status', 'failure', 'answer'];

    public function isReceived(): bool
    {
        return $this->status !== null && $this->status >= 200 && $this->status < 300;
    }

    /** Whether the other system is not at work, whatever it was sent. */
    public function isAway(): bool
    {
        return $this->status === null || $this->status >= 500;
    }

    /** @return BelongsTo<WebhookMessage, $this> */
    public function message(): BelongsTo
    {
        return $this->belongsTo(WebhookMessage::class, 'webhook_message_id');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['milliseconds' => 'integer', 'status' => 'integer'];
    }
}
