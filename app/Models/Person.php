<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Foundation\Auth\User;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Employment;
use Moss\Core\Time\HoursFormat;

/**
 * Somebody who records time, approves it, or reads about it; and who signs in.
 *
 * @property int $id
 * @property string $code
 * @property string $name
 * @property string $email
 * @property string|null $password
 * @property int|null $team_id
 * @property int|null $manager_id
 * @property Access $access
 * @property int|null $role_id
 * @property int|null $calendar_id
 * @property string|null $pattern
 * @property string|null $timezone
 * @property string|null $starts_on
 * @property string|null $ends_on
 * @property string $language  the code of a folder in lang/
 * @property string|null $locale  of numbers and dates; null as the browser has it
 * @property HoursFormat $hours_format
 * @property bool $pencil_plan
 * @property LastWeekPencil $pencil_last_week
 * @property bool $pencil_usual_week
 * @property Arrangement $arrangement
 * @property MessagePreferences $messages
 * @property string $mailed_in  the part of which day the person was last mailed in
 * @property string|null $disabled_at  the UTC instant from which the person can no longer sign in
 * @property bool $sees_cost  whether the office lets them see what hours cost on the projects that they manage
 * @property-read Team|null $team
 * @property-read Person|null $manager
 */
final class Person extends User
{
    public $timestamps = false;

    protected $table = 'people';

    protected $guarded = [];

    protected $hidden = ['password', 'remember_token'];

    /** @return BelongsTo<Team, $this> */
    public function team(): BelongsTo
    {
        return $this->belongsTo(Team::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function manager(): BelongsTo
    {
        return $this->belongsTo(self::class, 'manager_id');
    }

    public function employment(): Employment
    {
        return new Employment(
            $this->starts_on === null ? null : Day::of($this->starts_on),
            $this->ends_on === null ? null : Day::of($this->ends_on),
        );
    }

    /** Whether the person may use the application on a day: not disabled, and not after the last day of employment. */
    public function hasAccess(Day $today): bool
    {
        return $this->disabled_at === null && ($this->ends_on === null || ! $today->isAfter(Day::of($this->ends_on)));
    }

    /**
     * Whether the person sees what hours cost on the projects of a manager. Any sum of cost that changes with an hour gives away
     * what the person of that hour costs; so cost is for the office, and for managers whom the office lets see it.
     */
    public function seesCostOfProjectsOf(int $manager): bool
    {
        return $this->isOffice() || ($this->sees_cost && $this->id === $manager && ! $this->isViewer());
    }

    public function isOffice(): bool
    {
        return $this->access === Access::Office;
    }

    public function isViewer(): bool
    {
        return $this->access === Access::Viewer;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'access' => Access::class,
            'hours_format' => HoursFormat::class,
            'sees_cost' => 'boolean',
            'pencil_plan' => 'boolean',
            'pencil_last_week' => LastWeekPencil::class,
            'pencil_usual_week' => 'boolean',
            'arrangement' => Arrangement::class,
            'messages' => MessagePreferences::class,
            'password' => 'hashed',
        ];
    }
}
