<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What a person's app makes codes of. It counts once a code of it has been entered.
 *
 * @property int $person_id
 * @property string $secret  in base 32; encrypted in the database
 * @property int $last_step  the 30 seconds, counted from 1970, whose code was used last
 * @property string|null $confirmed_at  UTC instant
 * @property-read Person $person
 */
final class SecondFactor extends Model
{
    protected $table = 'second_factors';

    public $timestamps = false;

    public $incrementing = false;

    protected $primaryKey = 'person_id';

    protected $fillable = ['person_id', 'secret', 'last_step', 'confirmed_at'];

    protected $hidden = ['secret'];

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['secret' => 'encrypted'];
    }
}
