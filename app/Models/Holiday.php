<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Moss\Core\Calendar\Day;

/**
 * A public holiday of a calendar, for all or part of the day.
 *
 * @property int $id
 * @property int $calendar_id
 * @property Day $date
 * @property string $name
 * @property string $part
 * @property-read Calendar $calendar
 */
final class Holiday extends Model
{
    protected $table = 'holidays';

    public $timestamps = false;

    protected $fillable = ['calendar_id', 'date', 'name', 'part'];

    /** @return BelongsTo<Calendar, $this> */
    public function calendar(): BelongsTo
    {
        return $this->belongsTo(Calendar::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'date' => AsDay::class,
        ];
    }
}
