<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use App\Models\Casts\AsMinutes;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Moss\Core\Calendar\Day;
use Moss\Core\Time\Minutes;

/**
 * What is planned on a project in a month, whoever for: the sum of its months by assignee. Its key is of several columns, so that rows are written in bulk.
 *
 * @property Day $month  its first day
 * @property int $project_id
 * @property Minutes $planned_minutes
 * @property-read Project $project
 */
final class PlannedProjectMonth extends Model
{
    protected $table = 'planned_project_months';

    public $timestamps = false;

    public $incrementing = false;

    protected $fillable = ['month', 'project_id', 'planned_minutes'];

    /** @return BelongsTo<Project, $this> */
    public function project(): BelongsTo
    {
        return $this->belongsTo(Project::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['month' => AsDay::class, 'planned_minutes' => AsMinutes::class];
    }
}
