<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Moss\Core\Effort\EstimateMode;
use Moss\Core\Review\RouteKind;

/**
 * The organisation's settings; there is exactly one row.
 *
 * @property int $id
 * @property string $name
 * @property string $currency
 * @property string $pattern
 * @property int|null $calendar_id
 * @property int|null $entry_step
 * @property RouteKind $approval
 * @property EstimateMode $estimate_mode
 * @property int $estimate_tolerance  minutes by which a remaining estimate may differ from the calculated remaining minutes without a reason
 * @property bool $self_approve
 * @property int $week_due  days after its Sunday by which a week is to be submitted
 * @property string|null $closed_until  the last day of the closed period
 */
final class Organisation extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'approval' => RouteKind::class,
            'estimate_mode' => EstimateMode::class,
            'self_approve' => 'boolean',
        ];
    }
}
