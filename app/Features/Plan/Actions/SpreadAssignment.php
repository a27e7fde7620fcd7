<?php

declare(strict_types=1);

namespace App\Features\Plan\Actions;

use App\Models\Assignment;
use App\Models\Person;
use App\Models\Project;
use App\Support\Language\Wording;
use DomainException;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;
use Moss\Core\Time\Minutes;

/** Gives hours day by day, each its own stretch of one day; or takes them together again, to be spread evenly. */
final class SpreadAssignment
{
    public function __construct(private readonly SetStretches $stretches)
    {
    }

    /**
     * @param  non-empty-list<int>  $ids  of one assignee in one role on one task
     * @param  array<array-key, string>  $days  hours by day; empty to spread them evenly from the first day to the last
     *
     * @throws PlanRefused
     */
    public function handle(Person $actor, Project $project, array $ids, array $days): void
    {
        DB::transaction(function () use ($actor, $project, $ids, $days): void {
            $rows = Assignment::query()->with('task')->whereIntegerInRaw('id', $ids)->whereRelation('task', 'project_id', $project->id)->orderBy('starts_on')->get();
            $first = $rows->first();
            if ($first === null || $rows->count() !== count($ids) || $rows->unique(static fn (Assignment $row): string => implode(' ', [$row->task_id, $row->person_id, $row->team_id, $row->role_id]))->count() !== 1) {
                throw PlanRefused::because('gone');
            }
            $all = $rows->all();
            $planned = array_sum(array_map(static fn (Assignment $row): int => $row->planned_minutes->toInt(), $all));
            $last = array_reduce($all, static fn (Day $last, Assignment $row): Day => Day::later($last, $row->ends_on), $first->ends_on);
            $stretches = $days === [] ? [[$first->starts_on->toString(), $last->toString(), $planned]] : self::byDay($days);
            // Where the assignee has others that begin on one of these days, it would be twice there.
            $others = Assignment::query()->where('task_id', $first->task_id)->where('person_id', $first->person_id)->where('team_id', $first->team_id)->where('role_id', $first->role_id)->whereKeyNot($ids);
            if ((clone $others)->whereIn('starts_on', array_column($stretches, 0))->exists()) {
                throw PlanRefused::because('twice');
            }
            $stay = array_values($others->get()->map(static fn (Assignment $one): array => [$one->starts_on->toString(), $one->ends_on->toString(), $one->planned_minutes->toInt()])->all());
            $this->stretches->handle($actor, $project, [new PlannedStretches($first->task, ['person_id' => $first->person_id, 'team_id' => $first->team_id], $first->role_id, [...$stretches, ...$stay])]);
        });
    }

    /**
     * @param  array<array-key, string>  $days
     * @return non-empty-list<array{string, string, int}>
     *
     * @throws PlanRefused
     */
    private static function byDay(array $days): array
    {
        $faults = [];
        $stretches = [];
        foreach ($days as $date => $text) {
            try {
                $day = PlanText::day((string) $date, 'startsOn') ?? throw PlanText::expected('startsOn', 'day', (string) $date);
                $minutes = PlanText::minutes($text)?->toInt() ?? 0;
                if ($minutes > Minutes::PER_DAY) {
                    throw new DomainException(Wording::refusal('plan_row.full_day'));
                }
                if ($minutes > 0) {
                    $stretches[] = [$day->toString(), $day->toString(), $minutes];
                }
            } catch (DomainException $refused) {
                $faults[(string) $date] = $refused->getMessage();
            }
        }
        if ($faults !== []) {
            throw PlanRefused::with($faults);
        }

        return $stretches === [] ? throw PlanRefused::because('no_day') : $stretches;
    }
}
