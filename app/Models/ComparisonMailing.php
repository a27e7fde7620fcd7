<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\PeriodUnit;

/**
 * That somebody is mailed a saved comparison every week or month. Its key is of two columns.
 *
 * @property int $saved_comparison_id
 * @property int $person_id
 * @property PeriodUnit $rhythm
 * @property int $day
 * @property Day $sent_on
 * @property-read SavedComparison $savedComparison
 * @property-read Person $person
 */
final class ComparisonMailing extends Model
{
    protected $table = 'comparison_mailings';

    public $timestamps = false;

    public $incrementing = false;

    protected $fillable = ['saved_comparison_id', 'person_id', 'rhythm', 'day', 'sent_on'];

    /** @return BelongsTo<SavedComparison, $this> */
    public function savedComparison(): BelongsTo
    {
        return $this->belongsTo(SavedComparison::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['rhythm' => PeriodUnit::class, 'sent_on' => AsDay::class];
    }
}
