<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Somebody whom a person lets record in their sheet.
 *
 * @property int $id
 * @property int $person_id
 * @property int $recorder_id
 * @property bool $may_submit
 * @property-read Person $person
 * @property-read Person $recorder
 */
final class Recorder extends Model
{
    protected $table = 'recorders';

    public $timestamps = false;

    protected $fillable = ['person_id', 'recorder_id', 'may_submit'];

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function recorder(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'recorder_id');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'may_submit' => 'boolean',
        ];
    }
}
