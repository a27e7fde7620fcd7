<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What a saved comparison was after a change. Its key is of two columns.
 *
 * @property int $saved_comparison_id
 * @property int $number
 * @property string $name
 * @property string $address
 * @property string $changed_at
 * @property int $changed_by_id
 * @property-read Person $changedBy
 */
final class SavedComparisonVersion extends Model
{
    protected $table = 'saved_comparison_versions';

    public $timestamps = false;

    public $incrementing = false;

    protected $fillable = ['saved_comparison_id', 'number', 'name', 'address', 'changed_at', 'changed_by_id'];

    /** @return BelongsTo<Person, $this> */
    public function changedBy(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }
}
