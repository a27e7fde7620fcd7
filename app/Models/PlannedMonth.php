<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use App\Models\Casts\AsMinutes;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Moss\Core\Calendar\Day;
use Moss\Core\Time\Minutes;

/**
 * What is planned on a project for a person or team in a role in a month: the sum of its weeks; 0 for none. Its key is of several columns, so that rows are written in bulk.
 *
 * @property Day $month  its first day
 * @property int $project_id
 * @property int $person_id
 * @property int $team_id
 * @property int $role_id
 * @property Minutes $planned_minutes
 * @property-read Project $project
 */
final class PlannedMonth extends Model
{
    protected $table = 'planned_months';

    public $timestamps = false;

    public $incrementing = false;

    protected $fillable = ['month', 'project_id', 'person_id', 'team_id', 'role_id', 'planned_minutes'];

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
