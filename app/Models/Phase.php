<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A part of a project that groups tasks.
 *
 * @property int $id
 * @property int $project_id
 * @property string $name
 * @property-read Project $project
 */
final class Phase extends Model
{
    protected $table = 'phases';

    public $timestamps = false;

    protected $fillable = ['project_id', 'name'];

    /** @return BelongsTo<Project, $this> */
    public function project(): BelongsTo
    {
        return $this->belongsTo(Project::class);
    }
}
