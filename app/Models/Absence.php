<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use App\Models\Casts\AsMinutes;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Moss\Core\Calendar\Day;
use Moss\Core\Time\Minutes;

/**
 * Approved absence of a person on a day; without minutes, all that is expected.
 *
 * @property int $id
 * @property int $person_id
 * @property Day $date
 * @property Minutes|null $minutes
 * @property string $kind
 * @property-read Person $person
 */
final class Absence extends Model
{
    public $timestamps = false;

    protected $fillable = ['person_id', 'date', 'minutes', 'kind'];

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'date' => AsDay::class,
            'minutes' => AsMinutes::class,
        ];
    }
}
