<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Half days that one person has of a kind of absence in a year, where they are not those of everybody.
 *
 * @property int $id
 * @property int $absence_kind_id
 * @property int $person_id
 * @property int $year
 * @property int<0, max> $half_days
 * @property-read Person $person
 */
final class LeaveAllowance extends Model
{
    protected $table = 'leave_allowances';

    public $timestamps = false;

    protected $fillable = ['absence_kind_id', 'person_id', 'year', 'half_days'];

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }
}
