<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * Another system that is told of what happens.
 *
 * @property int $id
 * @property string $name
 * @property string $address
 * @property list<string> $topics  values of `WebhookTopic`
 * @property string $secret  with what messages are signed
 * @property bool $is_paused
 * @property int $position  the last line of the audit trail of which messages have been made
 * @property int $failures  how often in a row it did not answer
 * @property string|null $rests_until  until when it is left alone for it
 * @property string $created_at
 */
final class Webhook extends Model
{
    protected $table = 'webhooks';

    public $timestamps = false;

    protected $fillable = ['name', 'address', 'topics', 'secret', 'is_paused', 'position', 'failures', 'rests_until', 'created_at'];

    protected $hidden = ['secret'];

    /** @return HasMany<WebhookMessage, $this> */
    public function messages(): HasMany
    {
        return $this->hasMany(WebhookMessage::class);
    }

    public function hears(WebhookTopic $topic): bool
    {
        return in_array($topic->value, $this->topics, true);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['topics' => 'array', 'secret' => 'encrypted', 'is_paused' => 'boolean', 'position' => 'integer', 'failures' => 'integer'];
    }
}
