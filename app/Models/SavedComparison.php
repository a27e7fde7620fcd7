<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A comparison under a name. Its rolling period stays one, so that its dates move along.
 *
 * @property int $id
 * @property int $owner_id
 * @property string $name
 * @property string $address
 * @property Sharing $sharing
 * @property int $version
 * @property string $changed_at
 * @property int $changed_by_id
 * @property-read Person $owner
 * @property-read Person $changedBy
 * @property-read Collection<int, SavedComparisonReader> $readers
 */
final class SavedComparison extends Model
{
    protected $table = 'saved_comparisons';

    public $timestamps = false;

    protected $fillable = ['owner_id', 'name', 'address', 'sharing', 'version', 'changed_at', 'changed_by_id'];

    /** @return BelongsTo<Person, $this> */
    public function owner(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function changedBy(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @return HasMany<SavedComparisonReader, $this> */
    public function readers(): HasMany
    {
        return $this->hasMany(SavedComparisonReader::class);
    }

    /**
     * Those that are somebody's own, or shared with them.
     *
     * @param  Builder<static>  $query
     */
    public function scopeReadableBy(Builder $query, Person $reader): void
    {
        $query->where(static fn (Builder $either): Builder => $either
            ->where('owner_id', $reader->id)
            ->orWhere('sharing', Sharing::Everybody)
            ->orWhere(static fn (Builder $shared): Builder => $shared->where('sharing', Sharing::Some)->whereHas('readers', static fn (Builder $readers): Builder => $readers
                ->where('person_id', $reader->id)
                ->when($reader->team_id !== null, static fn (Builder $team): Builder => $team->orWhere('team_id', $reader->team_id)))));
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['sharing' => Sharing::class];
    }
}
