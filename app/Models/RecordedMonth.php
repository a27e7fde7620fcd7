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
 * What a person has recorded on a project in a role in a month, by whether entries or their tasks say that they are billable: 0, 1, or 2
 * where their project says so. The sum of its weeks. Its key is of several columns, so that rows are written in bulk.
 *
 * @property Day $month  its first day
 * @property int $project_id
 * @property int $person_id
 * @property int $role_id
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
 * @property-read Person $person
 */
final class RecordedMonth extends Model
{
    protected $table = 'recorded_months';

    public $timestamps = false;

    public $incrementing = false;

    protected $fillable = [
        'month', 'project_id', 'person_id', 'role_id', 'billable',
        'actual_minutes', 'pending_minutes', 'actual_cents', 'pending_cents', 'actual_unrated', 'pending_unrated',
        'actual_bill_cents', 'pending_bill_cents', 'actual_bill_unrated', 'pending_bill_unrated',
    ];

    /** @return BelongsTo<Project, $this> */
    public function project(): BelongsTo
    {
        return $this->belongsTo(Project::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['month' => AsDay::class, 'actual_minutes' => AsMinutes::class, 'pending_minutes' => AsMinutes::class, 'actual_cents' => AsMoney::class, 'pending_cents' => AsMoney::class, 'actual_bill_cents' => AsMoney::class, 'pending_bill_cents' => AsMoney::class];
    }
}
