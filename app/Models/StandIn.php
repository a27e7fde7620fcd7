<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Moss\Core\Calendar\Day;

/**
 * Who decides in an absent approver's place, for a time.
 *
 * @property int $id
 * @property int $person_id
 * @property int $stand_in_id
 * @property Day $starts_on
 * @property Day $ends_on
 * @property-read Person $person
 * @property-read Person $standIn
 */
final class StandIn extends Model
{
    protected $table = 'stand_ins';

    public $timestamps = false;

    protected $fillable = ['person_id', 'stand_in_id', 'starts_on', 'ends_on'];

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function standIn(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'starts_on' => AsDay::class,
            'ends_on' => AsDay::class,
        ];
    }
}
