<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use Database\Factories\PersonFactory;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Foundation\Auth\User;
use Laravel\Sanctum\HasApiTokens;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Employment;
use Moss\Core\Calendar\EmploymentBreaks;
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
 * @property Day|null $starts_on
 * @property Day|null $ends_on
 * @property string|null $disabled_at  the UTC instant from which the person can no longer sign in
 * @property bool $sees_cost  whether the office lets them see what hours cost on the projects that they manage
 * @property string $language  the code of a folder in lang/
 * @property string|null $locale  of numbers and dates; null as the browser has it
 * @property ReceiptReminder $receipt_reminder
 * @property HoursFormat $hours_format
 * @property bool $pencil_plan
 * @property LastWeekPencil $pencil_last_week
 * @property bool $pencil_usual_week
 * @property bool $pencils_tracked_time  whether time from task trackers waits in pencil
 * @property bool $knows_pencil  whether they have been told once what pencil and ink are
 * @property Arrangement $arrangement
 * @property MessagePreferences $messages
 * @property string $mailed_in  the part of which day the person was last mailed in
 * @property string|null $employment_breaks  days between two stretches of employment
 * @property string|null $anonymised_at  when it was taken out who they were
 * @property-read Team|null $team
 * @property-read Person|null $manager
 * @property-read Role|null $role
 * @property-read Calendar|null $calendar
 * @property-read Collection<int, OwnFieldValue> $ownFieldValues
 */
final class Person extends User
{
    /** @use HasApiTokens<AccessToken> */
    use HasApiTokens;

    /** @use HasFactory<PersonFactory> */
    use HasFactory;

    use HasNoMutators;
    use ReadsQuickly;

    /** Whether they may stand in for somebody, as it is read of who is signed in; null where it was not. */
    public ?bool $mayStandIn = null;

    public $timestamps = false;

    protected $table = 'people';

    protected $fillable = [
        'code',
        'name',
        'email',
        'password',
        'team_id',
        'manager_id',
        'access',
        'role_id',
        'calendar_id',
        'pattern',
        'timezone',
        'starts_on',
        'ends_on',
        'disabled_at',
        'sees_cost',
        'language',
        'locale',
        'hours_format',
        'pencil_plan',
        'pencil_last_week',
        'pencil_usual_week',
        'pencils_tracked_time',
        'knows_pencil',
        'arrangement',
        'messages',
        'receipt_reminder',
        'mailed_in',
        'anonymised_at',
        'employment_breaks',
    ];

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
        return new Employment($this->starts_on, $this->ends_on, $this->employment_breaks === null ? null : EmploymentBreaks::of($this->employment_breaks));
    }

    /** Whether it has to be asked in whose places: that is most of what is asked about what waits, and few people stand in for anybody. */
    public function mightStandIn(): bool
    {
        return $this->mayStandIn ?? true;
    }

    /** Whether the person may use the application on a day: not disabled, and not after the last day of employment. */
    public function hasAccess(Day $today): bool
    {
        return $this->disabled_at === null && ($this->ends_on === null || ! $today->isAfter($this->ends_on));
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

    /** @return BelongsTo<Role, $this> */
    public function role(): BelongsTo
    {
        return $this->belongsTo(Role::class);
    }

    /** @return BelongsTo<Calendar, $this> */
    public function calendar(): BelongsTo
    {
        return $this->belongsTo(Calendar::class);
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
            'password' => 'hashed',
            'access' => Access::class,
            'starts_on' => AsDay::class,
            'ends_on' => AsDay::class,
            'sees_cost' => 'boolean',
            'hours_format' => HoursFormat::class,
            'receipt_reminder' => ReceiptReminder::class,
            'pencil_plan' => 'boolean',
            'pencil_last_week' => LastWeekPencil::class,
            'pencil_usual_week' => 'boolean',
            'pencils_tracked_time' => 'boolean',
            'knows_pencil' => 'boolean',
            'arrangement' => Arrangement::class,
            'messages' => MessagePreferences::class,
        ];
    }
}
