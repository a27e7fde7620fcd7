<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Approved entries of a closed period, until they are settled: some at a time, since writing a row for each would take as long as
 * settling.
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
