<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Stands in for a code of the app, once.
 *
 * @property int $id
 * @property int $person_id
 * @property string $selector  its first two characters
 * @property string $code_hash  Argon2id of the whole
 * @property string|null $used_at  UTC instant
 * @property-read Person $person
 */
final class RecoveryCode extends Model
{
    protected $table = 'recovery_codes';

    public $timestamps = false;

    protected $fillable = ['person_id', 'selector', 'code_hash', 'used_at'];

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }
}
