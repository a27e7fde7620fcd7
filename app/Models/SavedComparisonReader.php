<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A person or a team with whom a saved comparison is shared.
 *
 * @property int $id
 * @property int $saved_comparison_id
 * @property int|null $person_id
 * @property int|null $team_id
 * @property-read Person|null $person
 * @property-read Team|null $team
 */
final class SavedComparisonReader extends Model
{
    protected $table = 'saved_comparison_readers';

    public $timestamps = false;

    protected $fillable = ['saved_comparison_id', 'person_id', 'team_id'];

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @return BelongsTo<Team, $this> */
    public function team(): BelongsTo
    {
        return $this->belongsTo(Team::class);
    }
}
