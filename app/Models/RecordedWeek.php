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
 * What a person has recorded on a task in a role in a week, or in the part of a week that lies in a month,
 * by whether entries say that they are billable: 0, 1, or 2 where their task says so. Its key is of several columns, so that rows are written in bulk.
 *
 * @property int $task_id
 * @property int $person_id
 * @property int $role_id
 * @property Day $starts_on
 * @property int $billable
 * @property Minutes $actual_minutes
 * @property Minutes $pending_minutes
 * @property Money $actual_cents
 * @property Money $pending_cents
 * @property int $actual_unrated
 * @property int $pending_unrated
 * @property int $actual_hundredths
 * @property int $pending_hundredths
 * @property Money $actual_bill_cents
 * @property Money $pending_bill_cents
 * @property int $actual_bill_unrated
 * @property int $pending_bill_unrated
 * @property-read Task $task
 * @property-read Person $person
 */
final class RecordedWeek extends Model
{
    protected $table = 'recorded_weeks';

    public $timestamps = false;

    public $incrementing = false;

    protected $fillable = [
        'task_id',
        'person_id',
        'role_id',
        'starts_on',
        'billable',
        'actual_minutes',
        'pending_minutes',
        'actual_cents',
        'pending_cents',
        'actual_unrated',
        'pending_unrated',
        'actual_hundredths',
        'pending_hundredths',
        'actual_bill_cents',
        'pending_bill_cents',
        'actual_bill_unrated',
        'pending_bill_unrated',
    ];

    /** @return BelongsTo<Task, $this> */
    public function task(): BelongsTo
    {
        return $this->belongsTo(Task::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'starts_on' => AsDay::class,
            'actual_minutes' => AsMinutes::class,
            'pending_minutes' => AsMinutes::class,
            'actual_cents' => AsMoney::class,
            'pending_cents' => AsMoney::class,
            'actual_bill_cents' => AsMoney::class,
            'pending_bill_cents' => AsMoney::class,
        ];
    }
}
