<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsMinutes;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Moss\Core\Time\Minutes;

/**
 * By how much the forecast of a project changed in a week. Its key is of several columns, so that rows are written in bulk.
 *
 * @property int $project_id
 * @property string $week_end
 * @property Minutes $change_minutes
 * @property-read Project $project
 */
final class ProjectForecast extends Model
{
    protected $table = 'project_forecasts';

    public $timestamps = false;

    public $incrementing = false;

    protected $fillable = ['project_id', 'week_end', 'change_minutes'];

    /** @return BelongsTo<Project, $this> */
    public function project(): BelongsTo
    {
        return $this->belongsTo(Project::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'change_minutes' => AsMinutes::class,
        ];
    }
}
