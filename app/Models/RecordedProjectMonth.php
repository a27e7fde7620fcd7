<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use App\Models\Casts\AsMinutes;
use App\Models\Casts\AsMoney;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Moss\Core\Calendar\Day;
use Moss\Core\Money\Money;
use Moss\Core\Time\Minutes;

/**
 * What has been recorded on a project in a month, by whether entries or their tasks say that it is billable: 0, 1, or 2 where the project
 * says so. The sum of what its people have. Its key is of several columns, so that rows are written in bulk.
 *
 * @property Day $month  its first day
 * @property int $project_id
 * @property int $billable
 * @property Minutes $actual_minutes
 * @property Minutes $pending_minutes
 * @property Money $actual_cents
 * @property Money $pending_cents
 * @property int $actual_unrated
 * @property int $pending_unrated
 * @property Money $actual_bill_cents
 * @property Money $pending_bill_cents
 * @property int $actual_bill_unrated
 * @property int $pending_bill_unrated
 * @property-read Project $project
 */
final class RecordedProjectMonth extends Model
{
    protected $table = 'recorded_project_months';

    public $timestamps = false;

    public $incrementing = false;

    protected $fillable = [
        'month', 'project_id', 'billable',
        'actual_minutes', 'pending_minutes', 'actual_cents', 'pending_cents', 'actual_unrated', 'pending_unrated',
        'actual_bill_cents', 'pending_bill_cents', 'actual_bill_unrated', 'pending_bill_unrated',
    ];

    /** @return BelongsTo<Project, $this> */
    public function project(): BelongsTo
    {
        return $this->belongsTo(Project::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['month' => AsDay::class, 'actual_minutes' => AsMinutes::class, 'pending_minutes' => AsMinutes::class, 'actual_cents' => AsMoney::class, 'pending_cents' => AsMoney::class, 'actual_bill_cents' => AsMoney::class, 'pending_bill_cents' => AsMoney::class];
    }
}
