<?php

declare(strict_types=1);

namespace App\Features\People\Queries;

use App\Features\People\Props\ResponsibilitiesProps;
use App\Lookup\Props\OptionProps;
use App\Models\Correction;
use App\Models\Entry;
use App\Models\Expense;
use App\Models\LeaveRequest;
use App\Models\Person;
use App\Models\PlannedWeek;
use App\Models\Project;
use App\Models\ProposedEstimate;
use App\Models\StandIn;
use App\Models\Team;
use App\Support\Clock\Today;
use App\Support\Database\Record;
use App\Support\Database\Sql;
use Illuminate\Database\Eloquent\Builder as EloquentBuilder;
use Illuminate\Database\Query\Builder;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Week;
use Moss\Core\Leave\LeaveState;

/** What depends on somebody, in a fixed number of queries. */
final readonly class Responsibilities
{
    public function __construct(private Today $today)
    {
    }

    public function of(Person $person): ResponsibilitiesProps
    {
        $today = $this->today->for($person);
        $after = $person->ends_on ?? $today;
        $weeks = [];
        foreach (Record::all(Entry::query()->toBase()->where('person_id', $person->id)->whereIn('state', ['draft', 'returned'])->distinct()->select('date')) as $entry) {
            $weeks[Week::containing(Day::of($entry->string('date')))->toString()] = true;
        }

        return new ResponsibilitiesProps(
            $person->code,
            $person->name,
            $person->ends_on?->toString(),
            count($weeks),
            Expense::query()->where('person_id', $person->id)->whereIn('state', ['draft', 'returned'])->count(),
            Entry::query()->where('approver_id', $person->id)->where('state', 'submitted')->count(),
            Correction::query()->waiting()->where('approver_id', $person->id)->count(),
            Expense::query()->where('approver_id', $person->id)->where('state', 'submitted')->count(),
            ProposedEstimate::query()->waiting()->whereHas('task.project', static fn (EloquentBuilder $project): EloquentBuilder => $project->where('manager_id', $person->id))->count(),
            LeaveRequest::query()->where('state', LeaveState::Requested)->whereHas('person', static fn (EloquentBuilder $owner): EloquentBuilder => $owner->where('manager_id', $person->id))->count(),
            StandIn::query()->where('stand_in_id', $person->id)->where('ends_on', '>=', $today->toString())->count(),
            Record::all(PlannedWeek::query()->toBase()->where('person_id', $person->id)->where('starts_on', '>', $after->toString())->select(Sql::sum('planned_minutes', 'minutes')))[0]->intOrNull('minutes') ?? 0,
            self::options(Project::query()->open()->where('manager_id', $person->id)->toBase()),
            self::options(Team::query()->where('lead_id', $person->id)->toBase()),
            self::options(Person::query()->where('manager_id', $person->id)->toBase()),
        );
    }

    /** @return list<OptionProps> */
    private static function options(Builder $query): array
    {
        return array_map(static fn (Record $row): OptionProps => new OptionProps($row->string('code'), $row->string('name')), Record::all($query->select('code', 'name')->orderBy('name')));
    }
}
