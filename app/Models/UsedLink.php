<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A link of a day reminder that has been used; a link records a day once.
 *
 * @property string $signature
 * @property int $person_id
 * @property string $used_at
 * @property-read Person $person
 */
final class UsedLink extends Model
{
    protected $table = 'used_links';

    public $timestamps = false;

    public $incrementing = false;

    protected $primaryKey = 'signature';

    protected $keyType = 'string';

    protected $fillable = ['signature', 'person_id', 'used_at'];

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }
}
