<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use App\Models\Casts\AsMinutes;
use App\Models\Casts\AsMoney;
use Database\Factories\TaskFactory;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Moss\Core\Calendar\Day;
use Moss\Core\Money\Money;
use Moss\Core\Time\Minutes;

/**
 * A piece of a project's work that time is recorded on.
 *
 * @property int $id
 * @property int $project_id
 * @property int|null $phase_id
 * @property string $code
 * @property string $name
 * @property Minutes|null $planned_minutes
 * @property Money|null $budget_cents
 * @property Day|null $starts_on
 * @property Day|null $ends_on
 * @property string|null $charge_code
 * @property bool|null $billable
 * @property Day|null $done_on
 * @property-read Project $project
 * @property-read Phase|null $phase
 * @property-read Collection<int, OwnFieldValue> $ownFieldValues
 */
final class Task extends Model
{
    /** @use HasFactory<TaskFactory> */
    use HasFactory;

    protected $table = 'tasks';

    public $timestamps = false;

    protected $fillable = [
        'project_id',
        'phase_id',
        'code',
        'name',
        'planned_minutes',
        'budget_cents',
        'starts_on',
        'ends_on',
        'charge_code',
        'billable',
        'done_on',
    ];

    /** @return BelongsTo<Project, $this> */
    public function project(): BelongsTo
    {
        return $this->belongsTo(Project::class);
    }

    /** @return BelongsTo<Phase, $this> */
    public function phase(): BelongsTo
    {
        return $this->belongsTo(Phase::class);
    }

    /** @return HasMany<Assignment, $this> */
    public function assignments(): HasMany
    {
        return $this->hasMany(Assignment::class);
    }

    /** @return HasMany<OwnFieldValue, $this> */
    public function ownFieldValues(): HasMany
    {
        return $this->hasMany(OwnFieldValue::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'planned_minutes' => AsMinutes::class,
            'budget_cents' => AsMoney::class,
            'starts_on' => AsDay::class,
            'ends_on' => AsDay::class,
            'billable' => 'boolean',
            'done_on' => AsDay::class,
        ];
    }
}
