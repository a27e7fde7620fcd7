<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Whom to speak to at a client.
 *
 * @property int $id
 * @property int $client_id
 * @property string $name
 * @property string $email
 * @property string $phone
 * @property string $position
 * @property-read Client $client
 */
final class ClientContact extends Model
{
    protected $table = 'client_contacts';

    public $timestamps = false;

    protected $fillable = ['client_id', 'name', 'email', 'phone', 'position'];

    /** @return BelongsTo<Client, $this> */
    public function client(): BelongsTo
    {
        return $this->belongsTo(Client::class);
    }
}
