<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What a client's system calls somebody.
 *
 * @property int $id
 * @property int $client_system_id
 * @property string $called
 * @property int|null $person_id  who that is
 * @property-read Person|null $person
 */
final class ClientSystemPerson extends Model
{
    public $timestamps = false;

    protected $table = 'client_system_people';

    protected $fillable = ['client_system_id', 'called', 'person_id'];

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @return BelongsTo<ClientSystem, $this> */
    public function system(): BelongsTo
    {
        return $this->belongsTo(ClientSystem::class, 'client_system_id');
    }
}
