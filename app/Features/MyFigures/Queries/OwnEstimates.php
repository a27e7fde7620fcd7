<?php

declare(strict_types=1);

namespace App\Features\MyFigures\Queries;

use App\Effort\EffortReader;
use App\Effort\EffortScope;
use App\Features\MyFigures\Props\MyEstimateProps;
use App\Models\Person;
use App\Models\RemainingEstimate;
use App\Models\Task;
use App\Support\Database\Record;
use App\Support\Database\Sql;
use Moss\Core\Effort\EstimateOutcome;

/** How somebody's estimates turned out, of tasks that are done. */
final readonly class OwnEstimates
{
    /** Tasks that are looked at, the latest estimated first. */
    private const MOST = 60;

    public function __construct(private EffortReader $efforts)
    {
    }

    /** @return list<MyEstimateProps> the latest first */
    public function of(Person $person): array
    {
        $tasks = array_map(static fn (Record $row): int => $row->int('task_id'), Record::all(
            RemainingEstimate::query()->toBase()->where('person_id', $person->id)->groupBy('task_id')->orderByDesc(Sql::max('estimated_on'))->limit(self::MOST)->select('task_id'),
        ));
        if ($tasks === []) {
            return [];
        }
        $names = Task::query()->with('project:id,name')->whereIntegerInRaw('id', $tasks)->get()->keyBy('id');
        $efforts = $this->efforts->minutes(EffortScope::tasks($tasks));
        $team = $person->team?->code;
        $found = [];
        foreach ($tasks as $id) {
            $task = $efforts->of($id);
            $effort = $task?->effortOf($person->code, $team);
            $outcome = $task === null || $effort === null ? null : EstimateOutcome::of($task, $effort);
            if ($outcome !== null) {
                $found[] = new MyEstimateProps(
                    $names->get($id)->project->name ?? '', $names->get($id)->name ?? '', $outcome->on->toString(), $outcome->estimated->toInt(), $outcome->cameTo->toInt(),
                    $outcome->difference()->toInt(), $outcome->percentage()?->__toString(),
                );
            }
        }

        return $found;
    }
}
