<?php

declare(strict_types=1);

namespace App\Models;

use Laravel\Sanctum\PersonalAccessToken;

/**
 * With what a program asks in the name of somebody, until when, and what it may do.
 *
 * @property int $id
 * @property string $tokenable_type
 * @property int $tokenable_id
 * @property string $name  what it is for
 * @property string $token  a hash of it
 * @property bool $is_application  an application's, for which its person answers
 * @property list<string> $abilities  values of `AccessRight`
 * @property \Illuminate\Support\Carbon|null $last_used_at
 * @property \Illuminate\Support\Carbon $expires_at
 * @property \Illuminate\Support\Carbon $created_at
 * @property \Illuminate\Support\Carbon $updated_at
 */
final class AccessToken extends PersonalAccessToken
{
    use ReadsQuickly;

    protected $table = 'access_tokens';

    protected $fillable = ['tokenable_type', 'tokenable_id', 'name', 'token', 'abilities', 'last_used_at', 'expires_at', 'created_at', 'updated_at', 'is_application'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['abilities' => 'json', 'last_used_at' => 'datetime', 'expires_at' => 'datetime', 'is_application' => 'boolean'];
    }
}
