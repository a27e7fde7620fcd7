<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Who a person is at an identity provider.
 *
 * @property int $id
 * @property int $person_id
 * @property string $issuer  the address that names the provider
 * @property string $subject  what it calls the person, for good
 * @property string $linked_at  UTC instant
 * @property-read Person $person
 */
final class Identity extends Model
{
    protected $table = 'identities';

    public $timestamps = false;

    protected $fillable = ['person_id', 'issuer', 'subject', 'linked_at'];

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }
}
