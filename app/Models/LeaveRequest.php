<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Leave\LeaveSpan;
use Moss\Core\Leave\LeaveState;

/**
 * Somebody asks to be away. The absences of an approved request are those of its person and kind on its days.
 *
 * @property int $id
 * @property int $person_id
 * @property int $absence_kind_id
 * @property Day $starts_on
 * @property Day $ends_on
 * @property bool $from_midday
 * @property bool $until_midday
 * @property string $note
 * @property LeaveState $state
 * @property int $requested_by_id
 * @property string $requested_at
 * @property int|null $decided_by_id  null with a time where a rule decided
 * @property string|null $decided_at
 * @property string $comment
 * @property int|null $replaces_id  the approved request that this one is to replace
 * @property string|null $calendar_uid  what a calendar file calls it
 * @property-read Person $person
 * @property-read AbsenceKind $kind
 * @property-read Person|null $decidedBy
 * @property-read LeaveRequest|null $replaces
 */
final class LeaveRequest extends Model
{
    protected $table = 'leave_requests';

    public $timestamps = false;

    protected $fillable = [
        'person_id',
        'absence_kind_id',
        'starts_on',
        'ends_on',
        'from_midday',
        'until_midday',
        'note',
        'state',
        'requested_by_id',
        'requested_at',
        'decided_by_id',
        'decided_at',
        'comment',
        'replaces_id',
        'calendar_uid',
    ];

    /** By what a calendar file knows it. */
    public function uid(): string
    {
        return $this->calendar_uid ?? 'leave-'.$this->id.'@moss-week';
    }

    /**
     * What a person has asked for on some days and nobody has decided on yet, with its kind.
     *
     * @return list<self>
     */
    public static function pencilled(Person $person, DayRange $days): array
    {
        return array_values(self::query()->with('kind')->where('person_id', $person->id)->where('state', LeaveState::Requested)
            ->where('starts_on', '<=', $days->last()->toString())->where('ends_on', '>=', $days->first()->toString())->orderBy('starts_on')->get()->all());
    }

    /**
     * What makes room once this holds: itself, what it replaces, and what else would replace that; each with its kind.
     *
     * @return list<self>
     */
    public function givingWay(): array
    {
        return array_values(self::query()->with('kind')->where('person_id', $this->person_id)
            ->where(fn ($any) => $any->whereKey($this->id)->orWhere('replaces_id', $this->id)->when($this->replaces_id !== null, fn ($replaced) => $replaced->orWhere('id', $this->replaces_id)))->get()->all());
    }

    public function span(): LeaveSpan
    {
        return LeaveSpan::over(DayRange::between($this->starts_on, $this->ends_on), $this->from_midday, $this->until_midday);
    }

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @return BelongsTo<AbsenceKind, $this> */
    public function kind(): BelongsTo
    {
        return $this->belongsTo(AbsenceKind::class, 'absence_kind_id');
    }

    /** @return BelongsTo<Person, $this> */
    public function decidedBy(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @return BelongsTo<self, $this> */
    public function replaces(): BelongsTo
    {
        return $this->belongsTo(self::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'starts_on' => AsDay::class,
            'ends_on' => AsDay::class,
            'from_midday' => 'boolean',
            'until_midday' => 'boolean',
            'state' => LeaveState::class,
        ];
    }
}
