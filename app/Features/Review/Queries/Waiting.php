<?php

declare(strict_types=1);

namespace App\Features\Review\Queries;

use App\Models\Person;
use App\Support\Database\Record;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;

/**
 * Submitted entries whose turn it is at a person: their own turn, that of somebody they stand in for, or the office's.
 * Never their own time.
 */
final class Waiting
{
    /** The entries, on which a caller may select and group. */
    public function for(Person $person, Day $today): Builder
    {
        return DB::table('entries')
            ->where('entries.state', 'submitted')
            ->where('entries.person_id', '<>', $person->id)
            ->where(fn (Builder $turn) => $turn
                ->where('entries.approver_id', $person->id)
                ->orWhereIn('entries.approver_id', $this->standIns($person, $today))
                ->when($person->isOffice(), static fn (Builder $office) => $office->orWhereNull('entries.approver_id')));
    }

    public function countFor(Person $person, Day $today): int
    {
        return $this->for($person, $today)->count();
    }

    /** @return list<int> ids of those whom a person stands in for on a day */
    public function stoodInFor(Person $person, Day $today): array
    {
        return array_map(static fn (Record $record): int => $record->int('person_id'), Record::all($this->standIns($person, $today)));
    }

    private function standIns(Person $person, Day $today): Builder
    {
        return DB::table('stand_ins')->select('person_id')
            ->where('stand_in_id', $person->id)
            ->where('starts_on', '<=', $today->toString())
            ->where('ends_on', '>=', $today->toString());
    }
}
