<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * The public holidays of a place.
 *
 * @property int $id
 * @property string $code
 */
final class Calendar extends Model
{
    protected $table = 'calendars';

    public $timestamps = false;

    protected $fillable = ['code'];

    /** @return HasMany<Holiday, $this> */
    public function holidays(): HasMany
    {
        return $this->hasMany(Holiday::class);
    }
}
