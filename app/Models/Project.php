<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
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
 * @property string|null $starts_on
 * @property string|null $ends_on
 * @property bool $billable
 * @property bool $internal
 * @property RouteKind|null $approval
 * @property EstimateMode|null $estimate_mode  null as the organisation has it
 * @property string|null $baseline_on  the day whose plan is the baseline; null for the first
 * @property string $state
 * @property-read Client|null $client
 * @property-read Person $manager
 */
final class Project extends Model
{
    public $timestamps = false;

    protected $guarded = [];

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

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'approval' => RouteKind::class,
            'estimate_mode' => EstimateMode::class,
            'billable' => 'boolean',
            'internal' => 'boolean',
        ];
    }
}
