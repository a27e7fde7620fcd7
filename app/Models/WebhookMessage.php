<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * What another system is told in one request: events of one subject, in order.
 *
 * @property int $id
 * @property int $webhook_id
 * @property string $subject  `person/ada`, `project/LENS`; messages of one subject go out one after the other
 * @property int $events  how many there are in it
 * @property string $body  JSON
 * @property WebhookState $state
 * @property int $attempts
 * @property string $created_at
 * @property string|null $first_tried_at
 * @property string $due_at
 * @property string|null $delivered_at
 * @property-read Webhook $webhook
 * @property-read \Illuminate\Database\Eloquent\Collection<int, WebhookAttempt> $tries
 */
final class WebhookMessage extends Model
{
    protected $table = 'webhook_messages';

    public $timestamps = false;

    protected $fillable = ['webhook_id', 'subject', 'events', 'body', 'state', 'attempts', 'created_at', 'first_tried_at', 'due_at', 'delivered_at'];

    /** @return BelongsTo<Webhook, $this> */
    public function webhook(): BelongsTo
    {
        return $this->belongsTo(Webhook::class);
    }

    /** @return HasMany<WebhookAttempt, $this> */
    public function tries(): HasMany
    {
        return $this->hasMany(WebhookAttempt::class);
    }

    /**
     * @param  Builder<self>  $query
     * @return Builder<self>
     */
    public function scopeIn(Builder $query, WebhookState $state): Builder
    {
        return $query->where('state', $state->value);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['state' => WebhookState::class, 'events' => 'integer', 'attempts' => 'integer'];
    }
}
