<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * The file that is being compared with the plan of a project.
 *
 * @property int $id
 * @property int $project_id
 * @property int $person_id  who sent it
 * @property string $name
 * @property list<list<string>> $rows  cells as texts, the headings first
 * @property string $received_at
 * @property-read Person $person
 */
final class ScheduleFile extends Model
{
    protected $table = 'schedule_files';

    public $timestamps = false;

    protected $fillable = ['project_id', 'person_id', 'name', 'rows', 'received_at'];

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
        return ['rows' => 'array'];
    }
}
