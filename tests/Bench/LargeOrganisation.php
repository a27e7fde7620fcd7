<?php

declare(strict_types=1);

namespace Tests\Bench;

use App\AuditTrail\ActingApplication;
use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\Effort\Recalculation\RecalculateAll;
use App\Models\ExpenseCategory;
use App\Models\ExpenseStatement;
use App\Support\Clock\Today;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Moss\Core\Calendar\Day;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Fills an empty database with a large organisation, the same every time: two years of entries up to the middle of June 2026
 * and a plan some months ahead.
 */
final class LargeOrganisation
{
    public const FIRST = '2024-07-01';

    public const TODAY = '2026-06-17';

    public const PASSWORD = 'measure-by-measure';

    private const AUDITED_FROM = '2026-02-01';

    private const ROLES = 12;

    private const PEOPLE_OF_TEAM = 25;

    private const PROJECTS_OF_MANAGER = 5;

    private const PROJECTS_OF_CLIENT = 10;

    private const TASKS_OF_PROJECT = 8;

    private readonly Randomizer $random;

    /** @var array<string, int> running numbers by table */
    private array $ids = [];

    /** @var array<int, array{int, int}> first and last day of tasks, in days since the first */
    private array $windows = [];

    /** @var array<int, list<array{int, int, int, int}>> task, role, first and last day by person */
    private array $held = [];

    /** However large it is, a team has as many people and a manager as many projects. */
    private readonly int $teams;

    private readonly int $managers;

    private readonly int $clients;

    public function __construct(private readonly int $people, private readonly int $projects, private readonly int $entries)
    {
        $this->teams = max(1, intdiv($people, self::PEOPLE_OF_TEAM));
        $this->managers = max(1, intdiv($projects, self::PROJECTS_OF_MANAGER));
        $this->clients = max(1, intdiv($projects, self::PROJECTS_OF_CLIENT));
        $this->random = new Randomizer(new Mt19937(2026));
    }

    /** Stored totals are recalculated at the end. */
    public function build(RecalculateAll $totals): void
    {
        DB::statement('PRAGMA synchronous = OFF');
        // Rows come by person, so that most indexes are written all over.
        DB::statement('PRAGMA cache_size = -2000000');
        DB::transaction(function (): void {
            $this->organisation();
            $this->people();
            $this->projects();
            $this->assignments();
            $this->entries();
            $this->busyWeeks();
            $this->estimates();
            $this->expenses();
        });
        DB::transaction($this->auditTrail(...));
        $totals->handle();
    }

    private function organisation(): void
    {
        DB::table('calendars')->insert(['id' => 1, 'code' => 'land']);
        foreach ([2024, 2025, 2026] as $year) {
            foreach (['01-01' => 'New year', '05-01' => 'May', '12-25' => 'Midwinter'] as $day => $name) {
                DB::table('holidays')->insert(['calendar_id' => 1, 'date' => $year.'-'.$day, 'name' => $name]);
            }
        }
        DB::table('organisations')->where('id', 1)->update(['name' => 'Measured Works', 'calendar_id' => 1]);
        DB::table('clients')->insert(array_map(static fn (int $id): array => ['id' => $id, 'code' => 'C'.$id, 'name' => 'Client '.$id], range(1, $this->clients)));
        DB::table('roles')->insert(array_map(static fn (int $id): array => ['id' => $id, 'code' => 'role'.$id, 'name' => 'Role '.$id], range(1, self::ROLES)));
        foreach (range(1, self::ROLES) as $role) {
            foreach ([self::FIRST => 50, '2025-07-01' => 54] as $day => $cost) {
                DB::table('rates')->insert(['role_id' => $role, 'starts_on' => $day, 'cost_rate' => ($cost + $role).'.25', 'bill_rate' => (2 * $cost).'.00']);
            }
        }
    }

    private function people(): void
    {
        DB::table('teams')->insert(array_map(static fn (int $id): array => ['id' => $id, 'code' => 'T'.$id, 'name' => 'Team '.$id], range(1, $this->teams)));
        $password = Hash::make(self::PASSWORD);
        $rows = [];
        foreach (range(1, $this->people) as $id) {
            $rows[] = [
                'id' => $id, 'code' => 'p'.$id, 'name' => 'Person '.$id, 'email' => 'p'.$id.'@measured.example', 'password' => $password,
                'team_id' => 1 + $id % $this->teams, 'manager_id' => $id <= $this->teams ? null : 1 + $id % $this->teams, 'role_id' => 1 + $id % self::ROLES,
                'access' => match (true) {
                    $id === $this->people => 'office',
                    $id <= $this->managers => 'manager',
                    default => 'member',
                },
                'pattern' => $id % 7 === 0 ? '8 8 0 8 4 0 0' : null,
            ];
        }
        $this->insert('people', $rows);
    }

    private function projects(): void
    {
        $last = self::daysTo('2026-09-30');
        [$projects, $phases, $tasks] = [[], [], []];
        foreach (range(1, $this->projects) as $project) {
            $first = $this->random->getInt(0, $last - 200);
            $end = $first + $this->random->getInt(180, 360);
            $projects[] = [
                'id' => $project, 'code' => 'P'.$project, 'name' => 'Project '.$project, 'client_id' => 1 + $project % $this->clients, 'manager_id' => 1 + $project % $this->managers,
                'starts_on' => self::day($first), 'ends_on' => self::day($end), 'state' => $end < self::daysTo('2026-01-01') ? 'closed' : 'open',
            ];
            foreach ([1, 2, 3] as $phase) {
                $phases[] = ['id' => 3 * $project - 3 + $phase, 'project_id' => $project, 'name' => 'Phase '.$phase];
            }
            foreach (range(1, self::TASKS_OF_PROJECT) as $number) {
                $id = $this->next('tasks');
                $begins = $first + intdiv(($end - $first) * intdiv($number - 1, 3), 4);
                $ends = min($end, $begins + $this->random->getInt(100, 200));
                $this->windows[$id] = [$begins, $ends];
                $tasks[] = [
                    'id' => $id, 'project_id' => $project, 'phase_id' => 3 * $project - 2 + intdiv($number - 1, 3), 'code' => 'K'.$number, 'name' => 'Task '.$number,
                    'planned_minutes' => $number % 3 === 0 ? 60 * $this->random->getInt(100, 600) : null, 'budget_cents' => $project % 2 === 0 ? 100 * $this->random->getInt(5000, 40000) : null,
                    'starts_on' => self::day($begins), 'ends_on' => self::day($ends),
                    'done_on' => $ends < self::daysTo('2026-03-01') && $this->random->getInt(1, 5) > 1 ? self::day($ends) : null,
                ];
            }
        }
        $this->insert('projects', $projects);
        $this->insert('phases', $phases);
        $this->insert('tasks', $tasks);
    }

    /** Every person gets work for every quarter, some of it after today. */
    private function assignments(): void
    {
        $byQuarter = [];
        foreach ($this->windows as $task => [$first, $last]) {
            foreach (range(0, 8) as $quarter) {
                if ($first < 91 * $quarter + 60 && $last > 91 * $quarter + 30) {
                    $byQuarter[$quarter][] = $task;
                }
            }
        }
        $rows = [];
        foreach (range(1, $this->people) as $person) {
            foreach ($byQuarter as $quarter => $tasks) {
                $task = $tasks[$this->random->getInt(0, count($tasks) - 1)];
                $first = max($this->windows[$task][0], 91 * $quarter);
                $last = max($first, min($this->windows[$task][1], 91 * $quarter + 110));
                $role = 1 + $person % self::ROLES;
                $isTeam = $this->random->getInt(1, 30) === 1;
                $this->held[$person][] = [$task, $role, $first, $last];
                $rows[] = [
                    'task_id' => $task, 'person_id' => $isTeam ? null : $person, 'team_id' => $isTeam ? 1 + $person % $this->teams : null, 'role_id' => $role,
                    'planned_minutes' => 60 * $this->random->getInt(40, 400), 'starts_on' => self::day($first), 'ends_on' => self::day($last),
                ];
            }
        }
        $this->insert('assignments', $rows);
    }

    /** Some 1.2 entries a day and person; what is older is further on its way. */
    private function entries(): void
    {
        $today = self::daysTo(self::TODAY);
        $left = $this->entries;
        $days = [];
        for ($day = 0; $day < $today; $day++) {
            if (Day::of(self::day($day))->weekday() < 6) {
                $days[] = $day;
            }
        }
        $perPerson = intdiv($this->entries, $this->people);
        $rows = [];
        foreach (range(1, $this->people) as $person) {
            $second = $perPerson - count($days);
            foreach ($days as $index => $day) {
                $active = self::activeOn($day, $this->held[$person]);
                $first = $active === [] ? $this->held[$person][0] : $active[$index % count($active)];
                $rows[] = $this->entry($person, $first, $day, $active === [] ? 480 : 360);
                $left--;
                if ($second > 0 && count($active) > 1) {
                    $rows[] = $this->entry($person, $active[($index + 1) % count($active)], $day, 90 + 15 * ($index % 4));
                    $second--;
                    $left--;
                }
            }
            if (count($rows) > 20000) {
                $this->insert('entries', $rows);
                $rows = [];
            }
        }
        $this->insert('entries', $rows);
        $this->fill($left);
    }

    /**
     * @param  list<array{int, int, int, int}>  $held
     * @return list<array{int, int, int, int}> one for each task
     */
    private static function activeOn(int $day, array $held): array
    {
        $active = [];
        foreach ($held as $one) {
            if ($one[2] <= $day && $one[3] >= $day) {
                $active[$one[0]] = $one;
            }
        }

        return array_values($active);
    }

    /**
     * What is missing goes on other tasks that the person holds.
     */
    private function fill(int $left): void
    {
        $rows = [];
        for ($day = 0; $left > 0; $day++) {
            foreach (range(1, $this->people) as $person) {
                [$task, $role, $first, $last] = $this->held[$person][8 - $day % 9];
                if ($left > 0 && ($day < $first || $day > $last) && Day::of(self::day($day))->weekday() < 6) {
                    // In another role than ever before, so that no entry is there already.
                    $rows[] = ['role_id' => 1 + ($role + 5) % self::ROLES] + $this->entry($person, [$task, $role, $first, $last], $day, 30);
                    $left--;
                }
            }
            $this->insert('entries', $rows);
            $rows = [];
        }
    }

    /**
     * @param  array{int, int, int, int}  $held
     * @return array<string, int|string|null>
     */
    private function entry(int $person, array $held, int $day, int $minutes): array
    {
        $date = self::day($day);
        $state = match (true) {
            $date < '2026-05-01' => 'settled',
            $date < '2026-06-01' => 'approved',
            // One in eight is late with the weeks before this one.
            $date < '2026-06-15' && $person % 8 !== 3 => 'submitted',
            default => 'draft',
        };

        return [
            'person_id' => $person, 'task_id' => $held[0], 'role_id' => $person % 5 === 0 ? $held[1] : null, 'date' => $date, 'minutes' => $minutes, 'state' => $state,
            'approver_id' => $state === 'submitted' ? 1 + (1 + intdiv($held[0] - 1, self::TASKS_OF_PROJECT)) % $this->managers : null,
            'needs_attention' => $state === 'submitted' && $this->random->getInt(1, 10) === 1 ? 1 : 0, 'note' => $day % 9 === 0 ? 'North side, second pass' : '',
        ];
    }

    private function estimates(): void
    {
        $rows = [];
        for ($number = 0; $number < intdiv($this->people, 2); $number++) {
            $person = $this->random->getInt(1, $this->people);
            [$task, , $first, $last] = $this->held[$person][$this->random->getInt(0, 7)];
            $rows[$person.' '.$task] = [
                'person_id' => $person, 'task_id' => $task, 'estimated_on' => self::day(min(self::daysTo(self::TODAY), intdiv($first + $last, 2))),
                'remaining_minutes' => 60 * $this->random->getInt(0, 120), 'reason' => 'More than was thought', 'done' => 0,
            ];
        }
        $this->insert('remaining_estimates', array_values($rows));
    }

    /** One a month and person, on the task that they hold then, on its way as far as time of the same day. */
    private function expenses(): void
    {
        foreach (range(1, 6) as $id) {
            ExpenseCategory::query()->create(['code' => 'kind'.$id, 'name' => 'Kind '.$id, 'charged' => $id % 2 === 1]);
        }
        $rows = [];
        foreach (range(1, $this->people) as $person) {
            for ($month = 0; $month < 24; $month++) {
                $day = 30 * $month + $person % 28;
                $entry = $this->entry($person, (self::activeOn($day, $this->held[$person]) ?: $this->held[$person])[0], $day, 0);
                $cents = 500 + 10 * (($person * 7 + $month) % 900);
                $rows[] = [
                    'code' => 'p'.$person.'-'.$month, 'person_id' => $person, 'task_id' => $entry['task_id'], 'expense_category_id' => 1 + $month % 6, 'date' => $entry['date'], 'gross_minor' => $cents, 'gross_cents' => $cents, 'cost_cents' => $cents,
                    'charged' => $month % 2, 'state' => $entry['state'], 'approver_id' => $entry['approver_id'], 'needs_attention' => 0,
                ];
            }
            if (count($rows) > 20000) {
                $this->insert('expenses', $rows);
                $rows = [];
            }
        }
        $this->insert('expenses', $rows);
        // What is settled has been paid back.
        $statement = ExpenseStatement::query()->create(['kind' => 'reimbursement', 'starts_on' => self::FIRST, 'ends_on' => '2026-04-30', 'made_by_id' => $this->people, 'made_at' => '2026-05-04T08:00:00Z', 'expenses' => 1, 'amount_cents' => 1])->id;
        DB::statement("INSERT INTO expense_statement_lines (expense_statement_id, kind, expense_id, amount_cents) SELECT ?, 'reimbursement', id, gross_cents FROM expenses WHERE state = 'settled'", [$statement]);
        DB::statement("UPDATE expenses SET reimbursed = 1 WHERE state = 'settled'");
    }

    /** One in fifty has many lines in the last weeks, as people have who help everywhere. */
    private function busyWeeks(): void
    {
        for ($person = 50; $person <= $this->people; $person += 50) {
            $rows = [];
            for ($line = 0; $line < 25; $line++) {
                $task = $this->held[1 + ($person + 37 * $line) % $this->people][7];
                foreach (range(self::daysTo('2026-06-08'), self::daysTo('2026-06-16')) as $day) {
                    $rows[] = $this->entry($person, $task, $day, 15);
                }
            }
            $this->insert('entries', $rows);
        }
    }

    /** What was recorded and approved in the last months, line by line. */
    private function auditTrail(): void
    {
        [$lines, $date] = [[], self::AUDITED_FROM];
        foreach (DB::table('entries')->where('date', '>=', self::AUDITED_FROM)->orderBy('date')->orderBy('id')->cursor() as $entry) {
            /** @var object{person_id: int, task_id: int, role_id: int|null, date: string, minutes: int, state: string} $entry */
            $lines[] = new AuditTrailLine('ink', $entry->person_id, null, $entry->person_id, $entry->task_id, $entry->date, null, ['role' => $entry->role_id, 'minutes' => $entry->minutes, 'state' => 'draft'], '');
            if (! in_array($entry->state, ['draft', 'submitted'], true)) {
                $lines[] = new AuditTrailLine('approve', 1 + $entry->task_id % $this->managers, null, $entry->person_id, $entry->task_id, $entry->date, ['role' => $entry->role_id, 'state' => 'submitted'], ['role' => $entry->role_id, 'state' => 'approved', 'approvals' => 1, 'minutes' => $entry->minutes], '');
            }
            if ($entry->date !== $date) {
                (new AuditTrail(new Today($date), new ActingApplication))->of(array_splice($lines, 0, -1));
                $date = $entry->date;
            }
        }
        (new AuditTrail(new Today($date), new ActingApplication))->of($lines);
    }

    /** @param  list<array<string, int|string|null>>  $rows */
    private function insert(string $table, array $rows): void
    {
        if ($rows === []) {
            return;
        }
        $columns = array_keys($rows[0]);
        $place = '('.implode(', ', array_fill(0, count($columns), '?')).')';
        $pdo = DB::connection()->getPdo();
        $statements = [];
        foreach (array_chunk($rows, 500) as $chunk) {
            $statement = $statements[count($chunk)] ??= $pdo->prepare('INSERT OR IGNORE INTO '.$table.' ('.implode(', ', $columns).') VALUES '.implode(', ', array_fill(0, count($chunk), $place)));
            $statement->execute(array_merge(...array_map(array_values(...), $chunk)));
        }
    }

    private function next(string $table): int
    {
        return $this->ids[$table] = ($this->ids[$table] ?? 0) + 1;
    }

    private static function day(int $number): string
    {
        return gmdate('Y-m-d', gmmktime(0, 0, 0, 7, 1 + $number, 2024) ?: 0);
    }

    private static function daysTo(string $date): int
    {
        return Day::of(self::FIRST)->daysUntil(Day::of($date));
    }
}
