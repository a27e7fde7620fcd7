<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * The private address at which a person's recorded time can be had as a calendar.
 *
 * @property int $person_id
 * @property string $token_hash
 * @property string $created_at  a UTC instant
 * @property-read Person $person
 */
final class TimeFeed extends Model
{
    protected $table = 'time_feeds';

    public $timestamps = false;

    public $incrementing = false;

    protected $primaryKey = 'person_id';

    protected $fillable = ['person_id', 'token_hash', 'created_at'];

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }
}
