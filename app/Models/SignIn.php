<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A browser in which a person is signed in, until the row is deleted.
 *
 * @property int $id
 * @property int $person_id
 * @property string $key_hash  SHA-256 of the key that the session holds
 * @property string $password_hash  SHA-256 of the stored password at sign-in, so that another password ends the sign-in
 * @property string $started_at  UTC instant
 * @property SignInMethod $method
 * @property bool $has_factor  whether a second factor was given with it
 * @property string|null $last_seen_at  UTC instant, to ten minutes
 * @property string|null $confirmed_until  UTC instant up to which the person may change how they sign in without confirming again
 * @property string $network_address
 * @property string $browser  as it names itself
 * @property-read Person $person
 */
final class SignIn extends Model
{
    protected $table = 'sign_ins';

    public $timestamps = false;

    protected $fillable = [
        'person_id',
        'key_hash',
        'password_hash',
        'started_at',
        'method',
        'has_factor',
        'last_seen_at',
        'confirmed_until',
        'network_address',
        'browser',
    ];

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['method' => SignInMethod::class, 'has_factor' => 'boolean'];
    }
}
