<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Words that an approver keeps for returning time.
 *
 * @property int $id
 * @property int $person_id
 * @property string $phrase
 * @property-read Person $person
 */
final class Phrase extends Model
{
    protected $table = 'phrases';

    public $timestamps = false;

    protected $fillable = ['person_id', 'phrase'];

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }
}
