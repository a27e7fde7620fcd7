<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A group of people with a lead.
 *
 * @property int $id
 * @property string $code
 * @property string $name
 * @property int|null $lead_id
 * @property bool $is_retired
 * @property-read Person|null $lead
 */
final class Team extends Model
{
    public $timestamps = false;

    protected $fillable = ['code', 'name', 'lead_id', 'is_retired'];

    /** @return BelongsTo<Person, $this> */
    public function lead(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'lead_id');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['is_retired' => 'boolean'];
    }

    /** @return HasMany<Person, $this> */
    public function members(): HasMany
    {
        return $this->hasMany(Person::class);
    }
}
