<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use App\Models\Casts\AsMinutes;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Moss\Core\Calendar\Day;
use Moss\Core\Time\Minutes;

/**
 * Work that somebody wants to have done, before it is a project.
 *
 * @property int $id
 * @property string $title
 * @property string $description
 * @property int|null $client_id
 * @property Day|null $wanted_by
 * @property Minutes|null $about_minutes
 * @property WorkRequestState $state
 * @property string $requested_at
 * @property int|null $person_id  who asked; null where somebody at the client did
 * @property int|null $intake_link_id
 * @property string $contact_name
 * @property string $contact_email
 * @property int|null $decided_by_id
 * @property string|null $decided_at
 * @property string $comment
 * @property int|null $project_id
 * @property-read Person|null $person
 * @property-read Client|null $client
 * @property-read Person|null $decidedBy
 * @property-read Project|null $project
 */
final class WorkRequest extends Model
{
    protected $table = 'work_requests';

    public $timestamps = false;

    protected $fillable = [
        'title',
        'description',
        'client_id',
        'wanted_by',
        'about_minutes',
        'state',
        'requested_at',
        'person_id',
        'intake_link_id',
        'contact_name',
        'contact_email',
        'decided_by_id',
        'decided_at',
        'comment',
        'project_id',
    ];

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @return BelongsTo<Client, $this> */
    public function client(): BelongsTo
    {
        return $this->belongsTo(Client::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function decidedBy(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @return BelongsTo<Project, $this> */
    public function project(): BelongsTo
    {
        return $this->belongsTo(Project::class);
    }

    /** @return HasMany<WorkRequestComment, $this> */
    public function comments(): HasMany
    {
        return $this->hasMany(WorkRequestComment::class);
    }

    /** @return HasMany<WorkRequestFile, $this> */
    public function files(): HasMany
    {
        return $this->hasMany(WorkRequestFile::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['wanted_by' => AsDay::class, 'about_minutes' => AsMinutes::class, 'state' => WorkRequestState::class];
    }
}
