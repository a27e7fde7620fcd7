<?php

declare(strict_types=1);

namespace App\Features\FrontPage\Queries;

use App\Approval\LeaveDeciders;
use App\Approval\Waiting;
use App\Features\FrontPage\Props\WaitingProps;
use App\Models\Person;
use App\Models\ProposedEstimate;
use App\Support\Database\Record;
use App\Support\Database\Sql;
use Illuminate\Database\Eloquent\Builder;
use Moss\Core\Calendar\Day;

/** What waits for somebody's decision, in five queries. */
final readonly class WaitingForReader
{
    public function __construct(private Waiting $waiting)
    {
    }

    public function of(Person $reader, Day $today): WaitingProps
    {
        $entries = Record::all($this->waiting->for($reader, $today)->addSelect(Sql::count('entries'), Sql::min('entries.date', 'oldest'), Sql::different('entries.person_id', 'people')))[0];

        return new WaitingProps(
            $entries->int('entries'),
            $entries->int('people'),
            $entries->stringOrNull('oldest'),
            $this->waiting->corrections($reader, $today)->count(),
            $this->waiting->expenses($reader, $today)->count(),
            ProposedEstimate::query()->waiting()->whereHas('task.project', static fn (Builder $project): Builder => $project->where('manager_id', $reader->id))->count(),
            LeaveDeciders::waiting($reader, $today)->count(),
        );
    }
}
