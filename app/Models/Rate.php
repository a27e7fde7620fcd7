<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Moss\Core\Calendar\Day;

/**
 * Cost and bill rate of a person, a role, or both, from a day on.
 *
 * @property int $id
 * @property int|null $person_id
 * @property int|null $role_id
 * @property Day $starts_on
 * @property string $cost_rate
 * @property string|null $bill_rate
 * @property-read Person|null $person
 * @property-read Role|null $role
 */
final class Rate extends Model
{
    protected $table = 'rates';

    public $timestamps = false;

    protected $fillable = [
        'person_id',
        'role_id',
        'starts_on',
        'cost_rate',
        'bill_rate',
    ];

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @return BelongsTo<Role, $this> */
    public function role(): BelongsTo
    {
        return $this->belongsTo(Role::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'starts_on' => AsDay::class,
        ];
    }
}
