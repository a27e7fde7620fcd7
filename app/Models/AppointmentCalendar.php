<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Where a person's appointments come from.
 *
 * @property int $id
 * @property int $person_id
 * @property string $name
 * @property string|null $address  null for a file that was given once
 * @property bool $notes_titles  whether titles become the notes of what is pencilled
 * @property string $version  what the address said of its contents, to be told when they have not changed
 * @property string|null $asked_at  a UTC instant
 * @property string|null $read_at  a UTC instant
 * @property string $failure  why it could not be read, by a key of the sentences; empty where it could
 * @property-read Person $person
 */
final class AppointmentCalendar extends Model
{
    protected $table = 'appointment_calendars';

    public $timestamps = false;

    protected $fillable = ['person_id', 'name', 'address', 'notes_titles', 'version', 'asked_at', 'read_at', 'failure'];

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['notes_titles' => 'boolean'];
    }
}
