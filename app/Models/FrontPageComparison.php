<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * That a saved comparison stands on somebody's front page, and where. Its key is of two columns.
 *
 * @property int $person_id
 * @property int $saved_comparison_id
 * @property int $place
 * @property-read SavedComparison $savedComparison
 */
final class FrontPageComparison extends Model
{
    protected $table = 'front_page_comparisons';

    public $timestamps = false;

    public $incrementing = false;

    protected $fillable = ['person_id', 'saved_comparison_id', 'place'];

    /** @return BelongsTo<SavedComparison, $this> */
    public function savedComparison(): BelongsTo
    {
        return $this->belongsTo(SavedComparison::class);
    }
}
