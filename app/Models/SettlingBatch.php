<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Approved entries of a closed period, until they are settled: many to a row, since a row for each would keep who closes it
 * waiting.
 *
 * @property int $id
 * @property list<int> $entries their numbers
 * @property positive-int $size
 * @property int $settled_by_id
 * @property-read Person $settledBy
 */
final class SettlingBatch extends Model
{
    public $timestamps = false;

    protected $fillable = ['entries', 'size', 'settled_by_id'];

    /** @return BelongsTo<Person, $this> */
    public function settledBy(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['entries' => 'array'];
    }
}
