<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Approved time or expenses of a closed period, until they are settled: many to a row, since a row for each would keep who closes
 * it waiting.
 *
 * @property int $id
 * @property SettlingSubject $subject
 * @property list<int> $numbers of entries or expenses
 * @property positive-int $size
 * @property int $settled_by_id
 * @property-read Person $settledBy
 */
final class SettlingBatch extends Model
{
    protected $table = 'settling_batches';

    public $timestamps = false;

    protected $fillable = ['subject', 'numbers', 'size', 'settled_by_id'];

    /** @return BelongsTo<Person, $this> */
    public function settledBy(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['subject' => SettlingSubject::class, 'numbers' => 'array'];
    }
}
