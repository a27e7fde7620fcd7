<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A link by which a person sets a password, once and within an hour.
 *
 * @property int $id
 * @property int $person_id
 * @property PasswordLinkKind $kind
 * @property string $token_hash  SHA-256 of what stands in the link
 * @property string $sent_at  UTC instant
 * @property string $expires_at  UTC instant
 * @property string|null $used_at  UTC instant; also once another link or another password has made it worthless
 * @property-read Person $person
 */
final class PasswordLink extends Model
{
    protected $table = 'password_links';

    public $timestamps = false;

    protected $fillable = ['person_id', 'kind', 'token_hash', 'sent_at', 'expires_at', 'used_at'];

    /** What is stored of what stands in a link. */
    public static function hash(string $token): string
    {
        return hash('sha256', $token);
    }

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => PasswordLinkKind::class];
    }
}
