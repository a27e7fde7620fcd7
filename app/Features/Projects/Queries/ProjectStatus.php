<?php

declare(strict_types=1);

namespace App\Features\Projects\Queries;

use App\Features\Calendar\Queries\WorkingTime;
use App\Features\Projects\Props\FiguresProps;
use App\Features\Projects\Props\ProjectProps;
use App\Features\Projects\Props\ProjectRowProps;
use App\Features\Projects\Props\RowLevel;
use App\Models\Person;
use App\Models\Project;
use App\Support\Database\Record;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Moss\Core\Calendar\Day;
use Moss\Core\Effort\Figures;
use Moss\Core\Effort\Forecasting;
use Moss\Core\Effort\HolderFigures;
use Moss\Core\Effort\TaskEffort;

/** Everything that a project's page shows, in a fixed number of queries. */
final readonly class ProjectStatus
{
    public function __construct(private Trace $trace)
    {
    }

    public function of(Project $project, Person $reader, Day $today, ?TraceRequest $asked): ProjectProps
    {
        $working = WorkingTime::load();
        $pricing = RatesInForce::ofProjects([$project->id]);
        $efforts = (new Efforts(new Plans($working)))->ofProjects([$project->id], $pricing, $today);
        $forecasting = new Forecasting($pricing, $today);
        $showsMoney = $pricing->hasRates() && Gate::forUser($reader)->allows('viewMoney', $project);
        $names = self::names($project, $efforts);
        $sum = Figures::zero();
        $rows = [];
        foreach (self::byPhase($efforts) as $phase => $ofPhase) {
            $phaseSum = Figures::zero();
            $phaseRows = [];
            foreach ($ofPhase as $id => $effort) {
                $figures = $forecasting->ofTask($effort);
                $phaseSum = $phaseSum->plus($figures);
                $phaseRows[] = self::taskRow($names['task'][$id], $effort, $figures, $showsMoney);
                array_push($phaseRows, ...array_map(
                    static fn (HolderFigures $part): ProjectRowProps => self::holderRow($names, $effort, $part, $showsMoney),
                    $forecasting->ofHolders($effort),
                ));
            }
            $sum = $sum->plus($phaseSum);
            $rows[] = new ProjectRowProps(RowLevel::Phase, (string) $phase, null, null, false, 0, FiguresProps::of($phaseSum, $showsMoney));
            array_push($rows, ...$phaseRows);
        }

        return new ProjectProps(
            $project->code,
            $project->name,
            $project->client?->name,
            $project->manager->name,
            $project->starts_on,
            $project->ends_on,
            $project->state === 'open',
            $working->organisation()->currency,
            FiguresProps::of($sum, $showsMoney),
            $rows,
            $asked === null ? null : $this->trace->of($asked, $efforts, $forecasting, $names),
        );
    }

    /**
     * @param  array<int, TaskEffort>  $efforts
     * @return array<string, array<int, TaskEffort>> by phase name, empty for none; phases and tasks in the order in which they start
     */
    private static function byPhase(array $efforts): array
    {
        $starts = array_map(static fn (TaskEffort $effort): string => $effort->task->days?->first()->toString() ?? '9999', $efforts);
        $byPhase = [];
        asort($starts);
        foreach (array_keys($starts) as $id) {
            $byPhase[$efforts[$id]->task->phase ?? ''][$id] = $efforts[$id];
        }
        // What belongs to no phase comes last.
        uksort($byPhase, static fn (string $one, string $other): int => ($one === '') <=> ($other === ''));

        return $byPhase;
    }

    private static function taskRow(string $name, TaskEffort $effort, Figures $figures, bool $showsMoney): ProjectRowProps
    {
        return new ProjectRowProps(
            RowLevel::Task,
            $name,
            $effort->task->code,
            null,
            $effort->isDone(),
            $effort->task->overAssigned()->toInt(),
            FiguresProps::of($figures, $showsMoney),
        );
    }

    /** @param  array{task: array<int, string>, person: array<string, string>, team: array<string, string>}  $names */
    private static function holderRow(array $names, TaskEffort $effort, HolderFigures $part, bool $showsMoney): ProjectRowProps
    {
        return new ProjectRowProps(
            RowLevel::Holder,
            HolderName::in($names, $part->holder),
            $effort->task->code,
            HolderName::inAddress($part->holder),
            false,
            0,
            FiguresProps::of($part->figures, $showsMoney),
        );
    }

    /**
     * @param  array<int, TaskEffort>  $efforts
     * @return array{task: array<int, string>, person: array<string, string>, team: array<string, string>} tasks by id, people and teams by code
     */
    private static function names(Project $project, array $efforts): array
    {
        $codes = ['person' => [], 'team' => []];
        foreach ($efforts as $effort) {
            foreach ($effort->holdings as $holding) {
                $codes[$holding->holder->isTeam ? 'team' : 'person'][] = $holding->holder->code;
            }
            foreach ([...$effort->unheld, ...array_merge(...array_map(static fn ($holding) => $holding->entries, $effort->holdings))] as $entry) {
                $codes['person'][] = $entry->person;
            }
        }
        $tasks = [];
        foreach (Record::all(DB::table('tasks')->select('id', 'name')->where('project_id', $project->id)) as $record) {
            $tasks[$record->int('id')] = $record->string('name');
        }

        return [
            'task' => $tasks,
            'person' => self::namesOf('people', array_values(array_unique($codes['person']))),
            'team' => self::namesOf('teams', array_values(array_unique($codes['team']))),
        ];
    }

    /**
     * @param  list<string>  $codes
     * @return array<string, string> by code
     */
    private static function namesOf(string $table, array $codes): array
    {
        $names = [];
        foreach (Record::all(DB::table($table)->select('code', 'name')->whereIn('code', $codes)) as $record) {
            $names[$record->string('code')] = $record->string('name');
        }

        return $names;
    }
}
