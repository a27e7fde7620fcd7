<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A request of a program that may be repeated under its key, and what was answered to it.
 *
 * @property int $id
 * @property int $access_token_id
 * @property string $key
 * @property string $request_hash  of method, address and body
 * @property int|null $status  null while it is being worked on
 * @property array<string, string> $headers
 * @property string $body
 * @property string $asked_at  UTC instant
 * @property-read AccessToken $accessToken
 */
final class IdempotencyKey extends Model
{
    protected $table = 'idempotency_keys';

    public $timestamps = false;

    protected $fillable = ['access_token_id', 'key', 'request_hash', 'status', 'headers', 'body', 'asked_at'];

    /** @return BelongsTo<AccessToken, $this> */
    public function accessToken(): BelongsTo
    {
        return $this->belongsTo(AccessToken::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['headers' => 'array'];
    }
}
