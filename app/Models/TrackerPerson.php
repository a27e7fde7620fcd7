<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Somebody as a task tracker knows them.
 *
 * @property int $id
 * @property int $tracker_id
 * @property string $login
 * @property string $name
 * @property string $email
 * @property int|null $person_id  who it is here
 * @property-read Person|null $person
 */
final class TrackerPerson extends Model
{
    public $timestamps = false;

    protected $table = 'tracker_people';

    protected $fillable = ['tracker_id', 'login', 'name', 'email', 'person_id'];

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }
}
