<?php

declare(strict_types=1);

namespace App\Features\Projects\Queries;

use App\Features\Projects\Props\ProjectPersonProps;
use Moss\Core\Calendar\Week;
use Moss\Core\Effort\AssigneeFigures;
use Moss\Core\Effort\TaskEffort;
use Moss\Core\Planning\Assignee;
use Moss\Core\Planning\Assignment;

/** Who is on a project and when: assignees by their plan, and everybody who recorded. */
final class ProjectPeople
{
    /**
     * @param  list<PersonWeek>  $sums  in the order of Mondays
     * @return list<ProjectPersonProps> in the order of the first day planned, then who only recorded
     */
    public function of(ProjectOnDay $onDay, ProjectNames $names, array $sums): array
    {
        $recorded = [];
        $entered = [];
        foreach ($sums as $sum) {
            $person = $sum->person;
            $recorded[$person][$sum->monday->toString()] = true;
            $entered[$person] = ($entered[$person] ?? 0) + $sum->actual->plus($sum->pending)->toInt();
        }
        $rows = [];
        $assignments = self::byAssignee($onDay->efforts);
        $parts = self::parts($onDay);
        foreach ($assignments as $assignee => $held) {
            $who = $held[0]->assignee;
            $own = $who->isTeam ? [] : array_keys($recorded[$who->code] ?? []);
            $figures = $parts[$assignee] ?? [];
            $rows[] = new ProjectPersonProps(
                $who->isTeam ? null : $who->code,
                $names->assignee($who),
                min(array_map(static fn (Assignment $one): string => $one->days->first()->toString(), $held)),
                max(array_map(static fn (Assignment $one): string => $one->days->last()->toString(), $held)),
                array_sum(array_map(static fn (Assignment $one): int => $one->planned->toInt(), $held)),
                $who->isTeam ? array_sum(array_map(static fn (AssigneeFigures $part): int => $part->figures->entered()->toInt(), $figures)) : $entered[$who->code] ?? 0,
                array_sum(array_map(static fn (AssigneeFigures $part): int => $part->figures->remaining->toInt(), $figures)),
                $own === [] ? null : $own[count($own) - 1],
                self::mondays($held),
                $own,
            );
        }
        usort($rows, static fn (ProjectPersonProps $one, ProjectPersonProps $other): int => [$one->from, $one->name] <=> [$other->from, $other->name]);
        foreach ($recorded as $person => $mondays) {
            if (! isset($assignments[Assignee::person((string) $person)->key()])) {
                $own = array_keys($mondays);
                $rows[] = new ProjectPersonProps((string) $person, $names->person((string) $person), null, null, 0, $entered[$person], 0, $own[count($own) - 1], [], $own);
            }
        }

        return $rows;
    }

    /**
     * @param  array<int, TaskEffort>  $efforts
     * @return array<string, non-empty-list<Assignment>>
     */
    private static function byAssignee(array $efforts): array
    {
        $byAssignee = [];
        foreach ($efforts as $effort) {
            foreach ($effort->task->assignments as $assignment) {
                $byAssignee[$assignment->assignee->key()][] = $assignment;
            }
        }

        return $byAssignee;
    }

    /** @return array<string, list<AssigneeFigures>> by the assignee's key */
    private static function parts(ProjectOnDay $onDay): array
    {
        $parts = [];
        foreach ($onDay->parts as $ofTask) {
            foreach ($ofTask as $part) {
                if ($part->assignee !== null) {
                    $parts[$part->assignee->key()][] = $part;
                }
            }
        }

        return $parts;
    }

    /**
     * @param  list<Assignment>  $assignments
     * @return list<string> Mondays of the weeks over which they lie, in order
     */
    private static function mondays(array $assignments): array
    {
        $mondays = [];
        foreach ($assignments as $assignment) {
            $last = $assignment->days->last()->toString();
            for ($monday = Week::containing($assignment->days->first())->monday(); $monday->toString() <= $last; $monday = $monday->plusDays(7)) {
                $mondays[$monday->toString()] = true;
            }
        }
        ksort($mondays, SORT_STRING);

        return array_map(strval(...), array_keys($mondays));
    }
}
