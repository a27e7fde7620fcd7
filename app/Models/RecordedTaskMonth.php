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
 * What has been recorded on a task in a month, by whether entries say that it is billable: 0, 1, or 2 where the task says so. The sum of
 * its weeks. Its key is of several columns, so that rows are written in bulk.
 *
 * @property int $task_id
 * @property Day $month  its first day
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
 * @property-read Task $task
 */
final class RecordedTaskMonth extends Model
{
    protected $table = 'recorded_task_months';

    public $timestamps = false;

    public $incrementing = false;

    protected $fillable = [
        'task_id', 'month', 'billable',
        'actual_minutes', 'pending_minutes', 'actual_cents', 'pending_cents', 'actual_unrated', 'pending_unrated',
        'actual_bill_cents', 'pending_bill_cents', 'actual_bill_unrated', 'pending_bill_unrated',
    ];

    /** @return BelongsTo<Task, $this> */
    public function task(): BelongsTo
    {
        return $this->belongsTo(Task::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['month' => AsDay::class, 'actual_minutes' => AsMinutes::class, 'pending_minutes' => AsMinutes::class, 'actual_cents' => AsMoney::class, 'pending_cents' => AsMoney::class, 'actual_bill_cents' => AsMoney::class, 'pending_bill_cents' => AsMoney::class];
    }
}
