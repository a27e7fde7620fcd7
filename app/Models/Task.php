<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A piece of a project's work that time is recorded on.
 *
 * @property int $id
 * @property int $project_id
 * @property int|null $phase_id
 * @property string $code
 * @property string $name
 * @property int|null $planned_minutes
 * @property int|null $budget_cents
 * @property string|null $starts_on
 * @property string|null $ends_on
 * @property string|null $charge_code
 * @property bool|null $billable
 * @property string|null $done_on
 * @property-read Project $project
 * @property-read Phase|null $phase
 */
final class Task extends Model
{
    public $timestamps = false;

    protected $guarded = [];

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

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'billable' => 'boolean',
        ];
    }
}
