<?php

declare(strict_types=1);

namespace App\Approval;

use App\Models\Correction;
use App\Models\Entry;
use App\Models\Expense;
use App\Models\Person;
use App\Models\StandIn;
use App\Models\StandInProject;
use App\Support\Database\Record;
use App\Support\Database\Sql;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;

/**
 * Submitted entries and proposed corrections whose turn it is at a person: their own turn, that of somebody they stand in for, or the office's.
 * Never their own time.
 */
final class Waiting
{
    /** The entries, on which a caller may select and group. The state stands in the query itself, so that the index of what waits serves it. */
    public function for(Person $person, Day $today): Builder
    {
        return self::step($this->inTurn(Entry::query()->toBase()->where('entries.state', Sql::value('submitted')), 'entries', $person, $today), 'entries', $person);
    }

    /** The corrections that wait for the person likewise. */
    public function corrections(Person $person, Day $today): Builder
    {
        // One whose entry is gone, or waits itself again, has nothing to be decided on.
        $decided = Entry::query()->toBase()->whereColumn('entries.id', 'corrections.entry_id')->whereIn('entries.state', ['approved', 'settled']);

        return $this->inTurn(Correction::query()->waiting()->toBase()->whereExists($decided), 'corrections', $person, $today);
    }

    /** The expenses that wait for the person likewise. */
    public function expenses(Person $person, Day $today): Builder
    {
        return self::step($this->inTurn(Expense::query()->toBase()->where('expenses.state', Sql::value('submitted')), 'expenses', $person, $today), 'expenses', $person);
    }

    /** Who approved one step does not approve the next in somebody else's place. */
    private static function step(Builder $waiting, string $table, Person $person): Builder
    {
        return $person->mightStandIn() ? $waiting->where(static fn (Builder $step): Builder => $step->where($table.'.approver_id', $person->id)->orWhere($table.'.approvals', 0)
            ->orWhereNull($table.'.last_decided_by_id')->orWhere($table.'.last_decided_by_id', '<>', $person->id)->orWhereNull($table.'.approver_id')) : $waiting;
    }

    private function inTurn(Builder $waiting, string $table, Person $person, Day $today): Builder
    {
        $standsIn = $person->mightStandIn();
        // Whose turn it can be at all, which an index finds; then whether it is.
        $own = fn (Builder $all): Builder => $standsIn
            ? $all->whereIn($table.'.approver_id', DB::query()->select(Sql::value($person->id))->unionAll($this->standIns($person, $today)))
            : $all->where($table.'.approver_id', $person->id);
        if ($person->isOffice()) {
            $ofNobody = $waiting->clone()->whereNull($table.'.approver_id')->select($table.'.id');
            $waiting->whereIn($table.'.id', $own($waiting->clone())->select($table.'.id')->unionAll($ofNobody));
        } else {
            $own($waiting);
        }

        return $waiting
            ->where($table.'.person_id', '<>', $person->id)
            ->when($standsIn, fn (Builder $others): Builder => $others->where(fn (Builder $turn) => $turn
                ->where($table.'.approver_id', $person->id)
                ->orWhereIn($table.'.approver_id', $this->everything($person, $today))
                ->orWhereExists($this->onProject($table, $person, $today))
                ->when($person->isOffice(), static fn (Builder $office) => $office->orWhereNull($table.'.approver_id'))));
    }

    /** @return list<StandInScope> in whose places a person decides on a day */
    public function stoodInFor(Person $person, Day $today): array
    {
        $query = $this->standIns($person, $today)->leftJoin('stand_in_projects', 'stand_in_projects.stand_in_id', 'stand_ins.id')
            ->addSelect('stand_in_projects.project_id');

        return array_map(static fn (Record $record): StandInScope => new StandInScope($record->int('person_id'), $record->intOrNull('project_id')), Record::all($query));
    }

    private function standIns(Person $person, Day $today): Builder
    {
        return StandIn::query()->toBase()->select('stand_ins.person_id')
            ->where('stand_ins.stand_in_id', $person->id)
            ->where('stand_ins.starts_on', '<=', $today->toString())
            ->where('stand_ins.ends_on', '>=', $today->toString());
    }

    /** Those that a person stands in for with everything. */
    private function everything(Person $person, Day $today): Builder
    {
        return $this->standIns($person, $today)->whereNotExists(StandInProject::query()->toBase()->whereColumn('stand_in_projects.stand_in_id', 'stand_ins.id'));
    }

    /** Whether a person stands in for the approver of an entry on its project. */
    private function onProject(string $table, Person $person, Day $today): Builder
    {
        return $this->standIns($person, $today)
            ->join('stand_in_projects', 'stand_in_projects.stand_in_id', 'stand_ins.id')
            ->join('tasks AS stood_in', 'stood_in.project_id', 'stand_in_projects.project_id')
            ->whereColumn('stand_ins.person_id', $table.'.approver_id')
            ->whereColumn('stood_in.id', $table.'.task_id');
    }
}
