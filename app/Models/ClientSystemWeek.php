<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Moss\Core\Calendar\Day;

/**
 * A week of somebody in which a client's system and we do not agree.
 *
 * @property int $id
 * @property int $client_system_id
 * @property int $person_id
 * @property Day $monday
 * @property Day $sunday
 * @property int $days  on which they do not
 * @property-read ClientSystem $system
 * @property-read Person $person
 */
final class ClientSystemWeek extends Model
{
    protected $table = 'client_system_weeks';

    public $timestamps = false;

    protected $fillable = ['client_system_id', 'person_id', 'monday', 'sunday', 'days'];

    /** @return BelongsTo<ClientSystem, $this> */
    public function system(): BelongsTo
    {
        return $this->belongsTo(ClientSystem::class, 'client_system_id');
    }

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['monday' => AsDay::class, 'sunday' => AsDay::class, 'days' => 'integer'];
    }
}
