<?php

declare(strict_types=1);

namespace App\Features\Review\Queries;

use App\Approval\Waiting;
use App\Features\Projects\Queries\StatusLevel;
use App\Features\Projects\Queries\StatusReport;
use App\Features\Review\Props\DecisionEffectProps;
use App\Models\Organisation;
use App\Models\Person;
use App\Models\Project;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\Gate;
use Moss\Core\Calendar\Day;

/** How the projects stand on which something waits for a person. */
final readonly class DecisionEffect
{
    public function __construct(private Waiting $waiting, private StatusReport $status)
    {
    }

    /**
     * @param  list<string>  $codes  of projects; those on which nothing waits for the person are left out
     * @return list<DecisionEffectProps>
     */
    public function of(Person $approver, Day $today, array $codes): array
    {
        $projects = Project::query()->whereIn('code', $codes)
            ->where(fn (Builder $waits) => $waits
                ->whereIn('id', $this->waiting->for($approver, $today)->join('tasks', 'tasks.id', 'entries.task_id')->select('tasks.project_id'))
                ->orWhereIn('id', $this->waiting->expenses($approver, $today)->join('tasks', 'tasks.id', 'expenses.task_id')->select('tasks.project_id'))
                ->orWhereIn('id', $this->waiting->corrections($approver, $today)->join('tasks', 'tasks.id', 'corrections.task_id')->select('tasks.project_id')))
            ->orderBy('code')->get();
        if ($projects->isEmpty()) {
            return [];
        }
        $currency = Organisation::query()->sole()->currency;
        $byCode = $projects->keyBy('code');
        $effects = [];
        foreach ($this->status->rows(StatusLevel::Project, $today, array_values(array_map(strval(...), $byCode->keys()->all()))) as $row) {
            $project = $byCode[$row->project] ?? null;
            if ($project === null) {
                continue;
            }
            $seesMoney = Gate::forUser($approver)->allows('viewMoney', $project);
            $effects[] = new DecisionEffectProps(
                $project->code,
                $project->name,
                $row->figures->planned->toInt(),
                $row->figures->actual->toInt(),
                $row->figures->forecast()->toInt(),
                $seesMoney ? $row->figures->actualCost->known->cents() : null,
                $seesMoney ? $row->figures->budget?->cents() : null,
                $currency,
            );
        }

        return $effects;
    }
}
