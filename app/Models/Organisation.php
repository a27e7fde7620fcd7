<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use App\Models\Casts\AsMinutes;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Moss\Core\Calendar\Day;
use Moss\Core\Effort\EstimateMode;
use Moss\Core\Review\RouteKind;
use Moss\Core\Time\Minutes;
use Moss\Core\Timer\Rounding;

/**
 * The organisation's settings; there is exactly one row.
 *
 * @property int $id
 * @property string $name
 * @property string $currency
 * @property string $pattern
 * @property int|null $calendar_id
 * @property Minutes|null $entry_step
 * @property RouteKind $approval
 * @property bool $self_approve
 * @property EstimateMode $estimate_mode
 * @property Minutes $estimate_tolerance  minutes by which a remaining estimate may differ from the calculated remaining minutes without a reason
 * @property bool $shows_bill_value  whether people see what their own time brings in
 * @property Day|null $closed_until  the last day of the closed period
 * @property list<string> $factor_access  kinds of access that need a second factor
 * @property bool $single_sign_on_adds_people  whether whoever the identity provider knows becomes a person here
 * @property int $week_due  days after its Sunday by which a week is to be submitted
 * @property bool $takes_requests  whether everybody may request work
 * @property int|null $anonymised_after  months after somebody's last day after which their data no longer say who they were
 * @property Rounding $timer_rounding  of what a timer measured, to the step of entries
 * @property-read Calendar|null $calendar
 */
final class Organisation extends Model
{
    protected $table = 'organisations';

    public $timestamps = false;

    protected $fillable = [
        'name',
        'currency',
        'pattern',
        'calendar_id',
        'entry_step',
        'approval',
        'self_approve',
        'estimate_mode',
        'estimate_tolerance',
        'closed_until',
        'shows_bill_value',
        'week_due',
        'factor_access',
        'single_sign_on_adds_people',
        'anonymised_after',
        'takes_requests',
        'timer_rounding',
    ];

    /** @return BelongsTo<Calendar, $this> */
    public function calendar(): BelongsTo
    {
        return $this->belongsTo(Calendar::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'entry_step' => AsMinutes::class,
            'approval' => RouteKind::class,
            'self_approve' => 'boolean',
            'estimate_mode' => EstimateMode::class,
            'estimate_tolerance' => AsMinutes::class,
            'closed_until' => AsDay::class,
            'shows_bill_value' => 'boolean',
            'takes_requests' => 'boolean',
            'timer_rounding' => Rounding::class,
            'factor_access' => 'array',
            'single_sign_on_adds_people' => 'boolean',
        ];
    }
}
