<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use Database\Factories\ProjectFactory;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOneThrough;
use Moss\Core\Calendar\Day;
use Moss\Core\Effort\EstimateMode;
use Moss\Core\Review\RouteKind;

/**
 * Work for a client, or internal, led by its project manager.
 *
 * @property int $id
 * @property string $code
 * @property string $name
 * @property int|null $client_id
 * @property int $manager_id
 * @property Day|null $starts_on
 * @property Day|null $ends_on
 * @property bool $billable
 * @property bool $internal
 * @property RouteKind|null $approval
 * @property ProjectState $state
 * @property EstimateMode|null $estimate_mode  null as the organisation has it
 * @property Day|null $baseline_on  the day whose plan is the baseline; null for the first
 * @property-read Client|null $client
 * @property-read ClientContact|null $contact
 * @property-read Person $manager
 * @property-read Collection<int, OwnFieldValue> $ownFieldValues
 */
final class Project extends Model
{
    /** @use HasFactory<ProjectFactory> */
    use HasFactory;

    protected $table = 'projects';

    public $timestamps = false;

    protected $fillable = [
        'code',
        'name',
        'client_id',
        'manager_id',
        'starts_on',
        'ends_on',
        'billable',
        'internal',
        'approval',
        'state',
        'estimate_mode',
        'baseline_on',
    ];

    /** @return HasOneThrough<ClientContact, ProjectContact, $this> whom to speak to at the client */
    public function contact(): HasOneThrough
    {
        return $this->hasOneThrough(ClientContact::class, ProjectContact::class, 'project_id', 'id', 'id', 'client_contact_id');
    }

    /** @return BelongsTo<Client, $this> */
    public function client(): BelongsTo
    {
        return $this->belongsTo(Client::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function manager(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'manager_id');
    }

    /** @return HasMany<Task, $this> */
    public function tasks(): HasMany
    {
        return $this->hasMany(Task::class);
    }

    /**
     * Those on which time can still be recorded.
     *
     * @param  Builder<static>  $query
     */
    public function scopeOpen(Builder $query): void
    {
        $query->where($this->qualifyColumn('state'), ProjectState::Open);
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
            'starts_on' => AsDay::class,
            'ends_on' => AsDay::class,
            'billable' => 'boolean',
            'internal' => 'boolean',
            'approval' => RouteKind::class,
            'state' => ProjectState::class,
            'estimate_mode' => EstimateMode::class,
            'baseline_on' => AsDay::class,
        ];
    }
}
