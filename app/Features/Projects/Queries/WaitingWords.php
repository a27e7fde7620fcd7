<?php

declare(strict_types=1);

namespace App\Features\Projects\Queries;

use App\Features\Projects\Props\WaitingWordProps;
use App\Support\Database\Record;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;
use Moss\Core\Effort\Restatement;
use Moss\Core\Time\Minutes;

/** The words on what is left of a project's tasks that wait for its manager, each with its effect; in one query. */
final class WaitingWords
{
    /** @return list<WaitingWordProps> the oldest first */
    public function of(Standing $standing, ProjectNames $names, bool $showsMoney): array
    {
        $query = DB::table('asked_restatements')->join('tasks', 'tasks.id', 'asked_restatements.task_id')->join('people', 'people.id', 'asked_restatements.person_id')
            ->leftJoin('teams', 'teams.id', 'people.team_id')->join('people AS staters', 'staters.id', 'asked_restatements.stated_by_id')
            ->where('tasks.project_id', $standing->project->id)->where('asked_restatements.state', 'waiting')
            ->select('asked_restatements.*', 'people.code', 'people.name', 'teams.code AS team', 'staters.name AS stater')->orderBy('asked_restatements.id');

        return array_map(static fn (Record $asked): WaitingWordProps => self::props($asked, $standing, $names, $showsMoney), Record::all($query));
    }

    private static function props(Record $asked, Standing $standing, ProjectNames $names, bool $showsMoney): WaitingWordProps
    {
        $task = $asked->int('task_id');
        [$person, $team] = [$asked->string('code'), $asked->stringOrNull('team')];
        $effort = $standing->efforts[$task];
        $with = $effort->with(new Restatement($person, $team, Day::of($asked->string('stated_on')), Minutes::of($asked->int('remaining_minutes')), $asked->bool('done')));
        $after = $standing->forecasting->ofTask($with);
        $now = $standing->figures[$task];
        $forecast = $standing->whole->forecast();
        $cost = $standing->whole->forecastCost->known;

        return new WaitingWordProps(
            $asked->int('id'),
            $names->task($task),
            $asked->string('name'),
            $asked->string('stater') === $asked->string('name') ? '' : $asked->string('stater'),
            $asked->string('stated_on'),
            $asked->bool('done'),
            $asked->string('reason'),
            $effort->holdingOf($person, $team)?->remaining()->toInt() ?? 0,
            $with->holdingOf($person, $team)?->remaining()->toInt() ?? 0,
            $forecast->toInt(),
            $forecast->minus($now->forecast())->plus($after->forecast())->toInt(),
            $standing->whole->planned->toInt(),
            $showsMoney ? $cost->toString() : null,
            $showsMoney ? $cost->minus($now->forecastCost->known)->plus($after->forecastCost->known)->toString() : null,
        );
    }
}
