<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Moss\Core\Calendar\Day;

/**
 * A setting of the organisation that is to hold from a day on.
 *
 * @property int $id
 * @property string $setting
 * @property Day $starts_on
 * @property array<string, string|int|null> $setting_values
 * @property int $scheduled_by_id
 * @property string $scheduled_at
 * @property-read Person $scheduledBy
 */
final class ScheduledSetting extends Model
{
    protected $table = 'scheduled_settings';

    public $timestamps = false;

    protected $fillable = ['setting', 'starts_on', 'setting_values', 'scheduled_by_id', 'scheduled_at'];

    /** @return BelongsTo<Person, $this> */
    public function scheduledBy(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['starts_on' => AsDay::class, 'setting_values' => 'array'];
    }
}
