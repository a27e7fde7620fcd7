<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A task tracker that the organisation works with besides.
 *
 * @property int $id
 * @property string $name
 * @property string $address  of its interface for programs
 * @property string $token  with which it is asked
 */
final class Tracker extends Model
{
    protected $table = 'trackers';

    public $timestamps = false;

    protected $fillable = ['name', 'address', 'token'];

    protected $hidden = ['token'];

    /** @return HasMany<TrackerLink, $this> */
    public function links(): HasMany
    {
        return $this->hasMany(TrackerLink::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['token' => 'encrypted'];
    }
}
