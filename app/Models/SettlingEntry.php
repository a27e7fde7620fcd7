<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * An approved entry of a closed period, until it is settled.
 *
 * @property int $entry_id
 * @property int $settled_by_id
 * @property-read Entry $entry
 * @property-read Person $settledBy
 */
final class SettlingEntry extends Model
{
    public $timestamps = false;

    public $incrementing = false;

    protected $primaryKey = 'entry_id';

    protected $fillable = ['entry_id', 'settled_by_id'];

    /** @return BelongsTo<Entry, $this> */
    public function entry(): BelongsTo
    {
        return $this->belongsTo(Entry::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function settledBy(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }
}
