<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsDay;
use App\Models\Casts\AsMinutes;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Query\Builder;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Time\Minutes;

/**
 * Approved absence of a person on a day; without minutes, all that is expected.
 *
 * @property int $id
 * @property int $person_id
 * @property Day $date
 * @property Minutes|null $minutes
 * @property int $absence_kind_id
 * @property-read Person $person
 * @property-read AbsenceKind $kind
 */
final class Absence extends Model
{
    protected $table = 'absences';

    public $timestamps = false;

    protected $fillable = ['person_id', 'date', 'minutes', 'absence_kind_id'];

    /** Those on some days, with `person_id`, `date`, `minutes`, `kind` by its name and `visible_to`, by day and kind. */
    public static function during(DayRange $days): Builder
    {
        return self::query()->toBase()->join('absence_kinds', 'absence_kinds.id', 'absences.absence_kind_id')
            ->whereBetween('absences.date', [$days->first()->toString(), $days->last()->toString()])
            ->select('absences.person_id', 'absences.date', 'absences.minutes', 'absence_kinds.name AS kind', 'absence_kinds.visible_to')
            ->orderBy('absences.date')->orderBy('absence_kinds.name');
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

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'date' => AsDay::class,
            'minutes' => AsMinutes::class,
        ];
    }
}
