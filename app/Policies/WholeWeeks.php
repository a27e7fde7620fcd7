<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Person;
use App\Models\Recorder;
use App\Support\Database\Record;
use Illuminate\Database\Query\Builder;

/** Whose whole weeks somebody may see: their own, their people's as a line manager, those of whoever has named them, and for the time office everybody's. */
final class WholeWeeks
{
    public static function isOpenTo(Person $reader, Person $owner): bool
    {
        return $owner->id === $reader->id || $owner->manager_id === $reader->id || self::among($reader, [$owner->id]) !== [];
    }

    /**
     * @param  list<int>  $people
     * @return array<int, true> by id
     */
    public static function among(Person $reader, array $people): array
    {
        if ($reader->isOffice()) {
            return array_fill_keys($people, true);
        }
        $theirs = Person::query()->toBase()->select('id')->whereIntegerInRaw('id', $people)->where(static fn (Builder $open): Builder => $open
            ->where('id', $reader->id)
            ->orWhere('manager_id', $reader->id)
            ->orWhereExists(Recorder::query()->toBase()->whereColumn('recorders.person_id', 'people.id')->where('recorders.recorder_id', $reader->id)));

        return array_fill_keys(array_map(static fn (Record $person): int => $person->int('id'), Record::all($theirs)), true);
    }
}
