<?php

declare(strict_types=1);

namespace Demo;

use App\Support\Files\CsvFile;
use Moss\Core\Calendar\Day;

/**
 * Fenlight Works, a practice that looks after old structures and wet ground, as exchange files relative to a day.
 *
 * The same day always gives the same files.
 */
final readonly class Scenario
{
    private Timeline $timeline;

    public function __construct(Day $today)
    {
        $this->timeline = new Timeline($today);
    }

    /** @return array<string, string> contents by file name */
    public function files(): array
    {
        $plan = new Plan($this->timeline);
        $absences = new Absences($this->timeline);
        $history = new History($this->timeline, $plan, $absences);

        return [
            'organisation.csv' => CsvFile::write([['key', 'value'], ['name', 'Fenlight Works'], ['currency', 'EUR'], ['pattern', Timeline::PATTERN], ['calendar', 'mainland'], ['entry_step', '15'], ['approval', 'project'], ['remaining_estimates', 'notify'], ['self_approve', 'no']]),
            'calendars.csv' => CsvFile::write([['calendar', 'date', 'name', 'part'], ...$this->holidays()]),
            'teams.csv' => CsvFile::write([['team', 'name', 'lead'], ...self::keyed(Cast::TEAMS)]),
            'roles.csv' => CsvFile::write([['role', 'name'], ...array_map(static fn (array $row): array => [$row[0], $row[1]], self::keyed(Cast::ROLES))]),
            'people.csv' => CsvFile::write([['person', 'name', 'email', 'team', 'manager', 'access', 'role', 'pattern', 'timezone', 'starts_on'], ...$this->people()]),
            'rates.csv' => CsvFile::write([['person', 'role', 'from', 'cost_rate', 'bill_rate'], ...$this->rates()]),
            'clients.csv' => CsvFile::write([['client', 'name'], ...self::keyed(array_map(static fn (string $name): array => [$name], Portfolio::CLIENTS))]),
            'projects.csv' => CsvFile::write([['project', 'name', 'client', 'manager', 'starts_on', 'ends_on', 'billable', 'internal', 'approval', 'state'], ...$plan->projects]),
            'tasks.csv' => CsvFile::write([['project', 'task', 'name', 'phase', 'planned', 'budget', 'starts_on', 'ends_on', 'charge_code', 'billable', 'done_on'], ...$plan->tasks]),
            'assignments.csv' => CsvFile::write([['project', 'task', 'person', 'team', 'role', 'planned', 'starts_on', 'ends_on'], ...$plan->assignments]),
            'absence_kinds.csv' => CsvFile::write([
                ['kind', 'counts_as', 'visible_to', 'needs_approval', 'allowance', 'carried_at_most', 'allowance_from'],
                ['Leave', 'leave', 'everybody', 'yes', '25', '5', (string) $this->timeline->today->year()],
                ['Sickness', 'sickness', 'managers', 'no', '', '', ''],
            ]),
            'absences.csv' => CsvFile::write([['person', 'date', 'hours', 'kind'], ...$absences->rows]),
            'entries.csv' => CsvFile::write([['person', 'project', 'task', 'role', 'date', 'hours', 'state', 'billable', 'note', 'client_note', 'corrects'], ...$this->corrected($history->entries)]),
            'remaining_estimates.csv' => CsvFile::write([['person', 'project', 'task', 'on', 'remaining', 'reason', 'done'], ...$this->estimates($plan, $history)]),
            'stand_ins.csv' => CsvFile::write([
                ['person', 'stand_in', 'starts_on', 'ends_on'],
                [Absences::APPROVER_AWAY, Absences::STAND_IN, $this->timeline->day(-1, 5)->toString(), $this->timeline->day(1, 7)->toString()],
            ]),
        ];
    }

    /** @return list<list<string>> */
    private function holidays(): array
    {
        return array_map(fn (array $holiday): array => ['mainland', $this->timeline->day($holiday[0], $holiday[1])->toString(), $holiday[2], $holiday[3]], Timeline::HOLIDAYS);
    }

    /** @return list<list<string>> */
    private function people(): array
    {
        $rows = [];
        foreach (Cast::PEOPLE as $code => [$name, $team, $manager, $access, $role, $pattern]) {
            $rows[] = [$code, $name, $code.'@fenlight.example', $team, $manager, $access, $role, $pattern, $code === 'liv.haddow' ? 'Atlantic/Azores' : 'Europe/Dublin', $this->timeline->day(Timeline::FIRST, 1)->toString()];
        }

        return $rows;
    }

    /** @return list<list<string>> */
    private function rates(): array
    {
        $rows = [];
        $start = $this->timeline->day(Timeline::FIRST - 26, 1)->toString();
        foreach (Cast::ROLES as $code => [, $cost, $bill]) {
            if ($cost !== '') {
                $rows[] = ['', $code, $start, $cost, $bill];
            }
        }
        // A raise in the middle of the history.
        $rows[] = ['ines.calder', '', $start, '64.00', '112.00'];
        $rows[] = ['ines.calder', '', $this->timeline->day(-8, 1)->toString(), '68.25', '118.00'];

        return $rows;
    }

    /**
     * One person says, twice, that far more is left than planned; another that less is.
     *
     * @return list<list<string>>
     */
    private function estimates(Plan $plan, History $history): array
    {
        $rows = [];
        foreach ($plan->work as $work) {
            if ($work->project !== 'WEIR' || ! $work->days->includes($this->timeline->today)) {
                continue;
            }
            $left = max(0, $work->hours - intdiv($history->recordedOn($work->project, $work->task, $work->person), 60));
            if ($work->person === 'gideon.park') {
                $rows[] = [$work->person, 'WEIR', $work->task, $this->timeline->day(-3, 4)->toString(), (string) ($left + 72), 'The first trial pit met rock at 1.2 m.', 'no'];
                $rows[] = [$work->person, 'WEIR', $work->task, $this->timeline->day(-1, 3)->toString(), (string) ($left + 168), 'Rock along the whole north side: every board has to be cut in by hand.', 'no'];
            } elseif ($work->person === 'callum.reyes') {
                $rows[] = [$work->person, 'WEIR', $work->task, $this->timeline->day(-1, 4)->toString(), (string) max(0, $left - 6), 'Half of the bank needs no work.', 'no'];
            }
        }

        return $rows;
    }

    /**
     * Lets one settled entry be corrected: the difference stands in last week, pointing at the day it corrects.
     *
     * @param  list<list<string>>  $entries
     * @return list<list<string>>
     */
    private function corrected(array $entries): array
    {
        foreach ($entries as $entry) {
            [$person, $project, $task, $role, $date, , $state] = $entry;
            $week = $this->timeline->weekOf(Day::of($date));
            if ($person === 'ines.calder' && $project === 'LANTERN' && $state === 'settled' && $week === -7) {
                $entries[] = [$person, $project, $task, $role, $this->timeline->day(-1, 2)->toString(), '-1', 'approved', '', 'Booked on the wrong day', '', $date];

                return $entries;
            }
        }

        return $entries;
    }

    /**
     * @param  array<string, non-empty-list<string>>  $rows
     * @return list<list<string>>
     */
    private static function keyed(array $rows): array
    {
        $lines = [];
        foreach ($rows as $code => $row) {
            $lines[] = [(string) $code, ...$row];
        }

        return $lines;
    }
}
