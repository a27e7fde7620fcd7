<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A project for which somebody stands in; without any, a stand-in decides for all. Its key is of several columns, so that rows are written in bulk.
 *
 * @property int $stand_in_id
 * @property int $project_id
 * @property-read StandIn $standIn
 * @property-read Project $project
 */
final class StandInProject extends Model
{
    protected $table = 'stand_in_projects';

    public $timestamps = false;

    public $incrementing = false;

    protected $fillable = ['stand_in_id', 'project_id'];

    /** @return BelongsTo<StandIn, $this> */
    public function standIn(): BelongsTo
    {
        return $this->belongsTo(StandIn::class);
    }

    /** @return BelongsTo<Project, $this> */
    public function project(): BelongsTo
    {
        return $this->belongsTo(Project::class);
    }
}
