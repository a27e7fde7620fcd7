<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Moss\Core\Calendar\Day;

/**
 * That a period was closed.
 *
 * @property int $id
 * @property Day $closed_until
 * @property string $closed_at
 * @property int $closed_by_id
 * @property-read Person $closedBy
 */
final class Closing extends Model
{
    protected $table = 'closings';

    public $timestamps = false;

    protected $fillable = ['closed_until', 'closed_at', 'closed_by_id'];

    /** @return BelongsTo<Person, $this> */
    public function closedBy(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['closed_until' => AsDay::class];
    }
}
