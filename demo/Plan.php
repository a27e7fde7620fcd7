<?php

declare(strict_types=1);

namespace Demo;

use Moss\Core\Calendar\DayRange;

/**
 * Projects, tasks and assignments of the scenario.
 */
final class Plan
{
    private const TASKS_AT_ONCE = 3;

    /** Planned cost that the budget covers, in percent, for the projects that have one. */
    private const BUDGETS = ['LANTERN' => 112, 'BRIDGE' => 70, 'WEIR' => 106, 'BELLS' => 108, 'SPIRE' => 115];

    /** @var list<PlannedWork> */
    public array $work = [];

    /** @var list<list<string>> */
    public array $projects = [];

    /** @var list<list<string>> */
    public array $tasks = [];

    /** @var list<list<string>> */
    public array $assignments = [];

    public function __construct(private readonly Timeline $timeline)
    {
        foreach (array_keys(Portfolio::PROJECTS) as $code) {
            $this->project($code);
        }
        $this->teamTask();
        $this->internal();
    }

    private function project(string $code): void
    {
        [$name, $client, $manager, $first, $last, $route, $kind, $staff, $longer] = Portfolio::PROJECTS[$code];
        $days = $this->timeline->weeks($first, $last);
        $closed = $last < -3;
        $this->projects[] = [$code, $name, $client, $manager, $days->first()->toString(), $days->last()->toString(), 'yes', 'no', $route, $closed ? 'closed' : 'open'];
        $phases = Portfolio::WORK[$kind];
        $tasks = [];
        foreach ($phases as $phase => $ofPhase) {
            foreach ($ofPhase as $task => $title) {
                $tasks[] = [$phase, $task, $title];
            }
        }
        $rounds = array_chunk($tasks, self::TASKS_AT_ONCE);
        foreach ($rounds as $round => $atOnce) {
            $from = $first + intdiv(($last - $first + 1) * $round, count($rounds));
            $to = $first + intdiv(($last - $first + 1) * ($round + 1), count($rounds)) - 1;
            foreach ($atOnce as $index => [$phase, $task, $title]) {
                $this->task($code, $phase, $task, $title, $this->timeline->weeks($from, max($from, $to)), $index, $staff, $longer);
            }
        }
        $this->tasks[] = [$code, 'LEAD', 'Leading the project', '', '', '', '', '', $code.'-90', 'no', ''];
        $this->assign($code, 'LEAD', $manager, 2, $days, 0);
    }

    /** @param  array<string, int>  $staff */
    private function task(string $project, string $phase, string $task, string $title, DayRange $days, int $index, array $staff, int $longer): void
    {
        $planned = 0;
        $cost = 0;
        foreach (array_keys($staff) as $number => $person) {
            // The first ends up on one task of each round; who follows shares them out.
            if ($number % self::TASKS_AT_ONCE === $index) {
                $hours = $this->assign($project, $task, $person, $staff[$person], $days, $longer);
                $planned += $hours;
                $cost += $hours * (int) (Cast::ROLES[Cast::PEOPLE[$person][4]][1] ?? '0');
            }
        }
        $budget = isset(self::BUDGETS[$project]) ? sprintf('%d.00', intdiv($cost * self::BUDGETS[$project], 1000) * 10) : '';
        $own = match (true) {
            // Nobody is assigned yet, or less is agreed than assigned, or more than assigned.
            $planned === 0 => '24',
            $project === 'LOCK' && $task === 'DESIGN' => (string) max(8, $planned - 16),
            $project === 'HARBOUR' && $task === 'SCAN' => (string) ($planned + 32),
            default => '',
        };
        $doneOn = $days->last()->plusDays(3);
        $isDone = $this->timeline->weekOf($doneOn) < 0;
        $this->tasks[] = [
            $project, $task, $title, $phase, $own, $budget, $days->first()->toString(), $days->last()->toString(),
            $project.'-'.(10 + 10 * $index), '', $isDone ? $doneOn->toString() : '',
        ];
    }

    private function assign(string $project, string $task, string $person, int $hoursADay, DayRange $days, int $longer): int
    {
        $hours = max(4, $hoursADay * $this->timeline->workingDays($person, $days));
        $role = Cast::PEOPLE[$person][4];
        $this->work[] = new PlannedWork($project, $task, $person, $role, $hours, $days, $longer, $this->timeline);
        $this->assignments[] = [$project, $task, $person, '', $role, (string) $hours, $days->first()->toString(), $days->last()->toString()];

        return $hours;
    }

    /** A task that a whole team shares. */
    private function teamTask(): void
    {
        $days = $this->timeline->weeks(-3, 9);
        $this->tasks[] = ['PEAT', 'SPHAGNUM', 'Gather and plant sphagnum', 'Works', '', '', $days->first()->toString(), $days->last()->toString(), 'PEAT-70', '', ''];
        $this->assignments[] = ['PEAT', 'SPHAGNUM', '', 'wetland', 'ranger', '220', $days->first()->toString(), $days->last()->toString()];
    }

    private function internal(): void
    {
        $days = $this->timeline->weeks(Timeline::FIRST, Timeline::LAST);
        [$first, $last] = [$days->first()->toString(), $days->last()->toString()];
        $this->projects[] = [Portfolio::INTERNAL, 'Fenlight: our own time', '', 'tobin.vale', $first, $last, 'no', 'yes', 'line', 'open'];
        foreach (Portfolio::INTERNAL_TASKS as $task => $title) {
            $this->tasks[] = [Portfolio::INTERNAL, $task, $title, '', '', '', $first, $last, 'OWN-'.substr($task, 0, 3), 'no', ''];
            foreach (array_keys(Cast::TEAMS) as $team) {
                if ($task !== 'ADMIN' || $team === 'office') {
                    $this->assignments[] = [Portfolio::INTERNAL, $task, '', $team, '', $task === 'ADMIN' ? '3400' : '1150', $first, $last];
                }
            }
        }
    }
}
