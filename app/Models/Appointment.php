<?php

declare(strict_types=1);

namespace App\Models;

/**
 * One time of an appointment of a person.
 *
 * @property int $id
 * @property int $appointment_calendar_id
 * @property int $person_id
 * @property string $uid
 * @property string $series
 * @property string $title  empty where it is private
 * @property bool $is_private
 * @property string $starts_at  a UTC instant; the day's first for whole days
 * @property string $ends_at  a UTC instant
 * @property bool $is_all_day
 * @property list<string> $guests  email addresses
 * @property bool $is_left_out
 */
final class Appointment extends Model
{
    protected $table = 'appointments';

    public $timestamps = false;

    protected $fillable = ['appointment_calendar_id', 'person_id', 'uid', 'series', 'title', 'is_private', 'starts_at', 'ends_at', 'is_all_day', 'guests', 'is_left_out'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['is_private' => 'boolean', 'is_all_day' => 'boolean', 'guests' => 'array', 'is_left_out' => 'boolean'];
    }
}
