<?php

declare(strict_types=1);

namespace Tests\App\Projects;

use DateTimeImmutable;

/**
 * A slow second computation of the figures, straight from exchange files and written apart from the core: plain arrays,
 * whole numbers, no shared class. Knows what the tests use of the format, hours as decimals, clock or minutes.
 */
final class Oracle
{
    /** @var array<string, list<array<string, string>>> rows by file */
    private array $rows = [];

    /** @var array<string, list<array<string, string>>> rows by file, project and task */
    private array $byTask = [];

    /** @var array<array-key, array<string, string>> */
    private array $people = [];

    /** @var list<array{kind: string, day: string, minutes: int, project: string, task: string, phase: string, person: string, team: string, role: string}>|null */
    private ?array $values = null;

    /** @var array<string, int>|null what remains, by `project|task|assignee` */
    private ?array $remaining = null;

    /** @param  array<string, string>  $files */
    public function __construct(array $files, private readonly string $today)
    {
        foreach ($files as $name => $contents) {
            $stream = fopen('php://memory', 'w+');
            assert($stream !== false);
            fwrite($stream, $contents);
            rewind($stream);
            $header = array_map(strval(...), fgetcsv($stream, null, ',', '"', '') ?: []);
            $this->rows[basename($name, '.csv')] = [];
            while (($cells = fgetcsv($stream, null, ',', '"', '')) !== false) {
                if ($cells !== [null]) {
                    $row = array_combine($header, array_map(strval(...), $cells));
                    $this->rows[basename($name, '.csv')][] = $row;
                    $this->byTask[basename($name, '.csv').'|'.($row['project'] ?? '').'|'.($row['task'] ?? '')][] = $row;
                }
            }
        }
        $this->people = array_column($this->rows['people'], null, 'person');
    }

    /** @return array<string, array<string, string|int|null>> by `project|task|assignee` and `project|task` and `project` */
    public function status(): array
    {
        $figures = [];
        foreach ($this->rows['tasks'] as $task) {
            $key = $task['project'].'|'.$task['task'];
            foreach ($this->assignees($task) as $assignee => $sums) {
                $figures[$key.'|'.$assignee] = $sums;
                foreach ($sums as $name => $value) {
                    $figures[$key][$name] = ($figures[$key][$name] ?? 0) + (int) $value;
                }
            }
            $own = self::text($task, 'planned');
            $figures[$key]['planned'] = $own === '' ? ($figures[$key]['planned'] ?? 0) : self::minutes($own);
            $budget = self::text($task, 'budget');
            $figures[$key]['budget'] = $budget === '' ? null : self::scaled($budget, 2);
            foreach ($figures[$key] as $name => $value) {
                if ($value !== null) {
                    $figures[$task['project']][$name] = ($figures[$task['project']][$name] ?? 0) + (int) $value;
                }
            }
        }

        return $figures;
    }

    /** @return array<string, array{int, int, int, int}> planned, to date, actual and pending by group, and in all under `total` */
    public function compare(string $by, string $from, string $to): array
    {
        $groups = [];
        foreach ($this->values ??= $this->values() as $value) {
            if ($value['day'] < $from || $value['day'] > $to) {
                continue;
            }
            foreach ([$this->group($by, $value), 'total'] as $group) {
                $groups[$group] ??= [0, 0, 0, 0];
                $groups[$group][0] += $value['kind'] === 'plan' ? $value['minutes'] : 0;
                $groups[$group][1] += $value['kind'] === 'plan' && $value['day'] <= $this->today ? $value['minutes'] : 0;
                $groups[$group][2] += $value['kind'] === 'actual' ? $value['minutes'] : 0;
                $groups[$group][3] += $value['kind'] === 'pending' ? $value['minutes'] : 0;
            }
        }

        return $groups;
    }

    /** @return list<array{string, string, string, string, int}> day, project, task, role and minutes, in the order of the command */
    public function pencil(string $person, string $monday): array
    {
        $this->remaining ??= array_map(static fn (array $figures): int => (int) ($figures['remaining'] ?? 0), $this->status());
        $remaining = $this->remaining;
        $lines = $this->ownLines($person);
        $shares = array_map(fn (array $line): array => $this->phased(self::minutes($line['planned']), $line), $lines);
        $entries = array_filter($this->rows['entries'], static fn (array $entry): bool => $entry['person'] === $person);
        $pencilled = [];
        for ($index = 0; $index < 7; $index++) {
            $day = (new DateTimeImmutable($monday))->modify('+'.$index.' days')->format('Y-m-d');
            $room = $this->expected($person, $day);
            $entered = [];
            foreach ($entries as $entry) {
                if ($entry['date'] === $day) {
                    $room -= self::minutes($entry['hours']);
                    $line = $entry['project'].'|'.$entry['task'].'|'.self::text($entry, 'role');
                    $entered[$line] = ($entered[$line] ?? 0) + self::minutes($entry['hours']);
                }
            }
            foreach ($lines as $number => $line) {
                $task = $line['project'].'|'.$line['task'];
                $share = $shares[$number][$day] ?? 0;
                $minutes = min($share - ($entered[$task.'|'.self::text($line, 'role')] ?? 0), $room, $remaining[$task.'|'.$person] ?? 0);
                if ($minutes > 0) {
                    $pencilled[] = [$day, $line['project'], $line['task'], self::text($line, 'role'), $minutes];
                    $room -= $minutes;
                    $remaining[$task.'|'.$person] -= $minutes;
                }
            }
        }

        return $pencilled;
    }

    /** @return list<array<string, string>> the person's assignments on open projects, in the order in which they are pencilled */
    private function ownLines(string $person): array
    {
        $closed = [];
        foreach ($this->rows['projects'] as $project) {
            $closed[$project['project']] = self::text($project, 'state') === 'closed';
        }
        $lines = array_values(array_filter($this->rows['assignments'], static fn (array $row): bool => self::text($row, 'person') === $person && ! $closed[$row['project']]));
        usort($lines, static fn (array $one, array $other): int => strcmp($one['ends_on'], $other['ends_on']) ?: strcmp($one['project'], $other['project'])
            ?: strcmp($one['task'], $other['task']) ?: strcmp(self::text($one, 'role'), self::text($other, 'role')) ?: strcmp($one['starts_on'], $other['starts_on']));

        return $lines;
    }

    private function expected(string $person, string $day): int
    {
        $row = $this->person($person);
        if ($day < (self::text($row, 'starts_on') ?: '0') || $day > (self::text($row, 'ends_on') ?: '9')) {
            return 0;
        }
        $held = $this->held($row, $day);
        foreach ($this->rows['absences'] ?? [] as $absence) {
            if ($absence['person'] === $person && $absence['date'] === $day) {
                $held = self::text($absence, 'hours') === '' ? 0 : max(0, $held - self::minutes($absence['hours']));
            }
        }

        return $held;
    }

    /** @param  array<string, string>  $person */
    private function held(array $person, string $day): int
    {
        $settings = array_column($this->rows['organisation'], 'value', 'key');
        $pattern = explode(' ', self::text($person, 'pattern') ?: ($settings['pattern'] ?? '8 8 8 8 8 0 0'));
        $calendar = self::text($person, 'calendar') ?: ($settings['calendar'] ?? '');
        $held = self::minutes($pattern[(int) (new DateTimeImmutable($day))->format('N') - 1]);
        foreach ($this->rows['calendars'] ?? [] as $holiday) {
            if ($holiday['calendar'] === $calendar && $holiday['date'] === $day) {
                $held -= self::half($held * self::scaled(self::text($holiday, 'part') ?: '1', 4), 10000);
            }
        }

        return $held;
    }

    /**
     * @param  array<string, string>  $task
     * @return array<string, array<string, int>>
     */
    private function assignees(array $task): array
    {
        $assignments = $this->of('assignments', $task);
        $entries = $this->of('entries', $task);
        $estimates = $this->of('remaining_estimates', $task);
        $names = [];
        foreach ($assignments as $assignment) {
            $names[self::assigneeOf($assignment)] = true;
        }
        $latest = [];
        $latestToday = [];
        foreach ($estimates as $estimate) {
            $assignee = $this->holds($estimate['person'], $names);
            if (! isset($latest[$assignee]) || $estimate['on'] >= $latest[$assignee]['on']) {
                $latest[$assignee] = $estimate;
            }
            if ($estimate['on'] <= $this->today && (! isset($latestToday[$assignee]) || $estimate['on'] >= $latestToday[$assignee]['on'])) {
                $latestToday[$assignee] = $estimate;
            }
        }
        $doneOn = self::text($task, 'done_on');
        $done = $doneOn !== '' || self::allDone($names, $latest);
        $wasDone = ($doneOn !== '' && $doneOn <= $this->today) || self::allDone($names, $latestToday);
        $figures = [];
        $assigned = 0;
        ksort($names);
        foreach (array_keys($names) as $assignee) {
            $own = array_values(array_filter($assignments, static fn (array $row): bool => self::assigneeOf($row) === $assignee));
            $mine = array_values(array_filter($entries, fn (array $row): bool => $this->holds($row['person'], $names) === $assignee));
            $sums = $this->ofAssignee($own, $mine, $latest[$assignee] ?? null, $latestToday[$assignee] ?? null, $done, $wasDone);
            $code = substr($assignee, 2);
            // A team of the same code as a person stands behind them.
            $figures[isset($figures[$code]) ? $code.'#2' : $code] = $sums;
            $assigned += $sums['planned'];
        }
        $planned = self::text($task, 'planned');
        $unassigned = $planned === '' ? 0 : max(0, self::minutes($planned) - $assigned);
        $rest = array_values(array_filter($entries, fn (array $row): bool => $this->holds($row['person'], $names) === ''));
        if ($unassigned > 0 || $rest !== []) {
            $figures['unassigned'] = $this->unassigned($unassigned, $rest, $done);
        }

        return $figures;
    }

    /**
     * @param  list<array<string, string>>  $assignments
     * @param  list<array<string, string>>  $entries
     * @param  array<string, string>|null  $estimated
     * @param  array<string, string>|null  $estimatedToday
     * @return array<string, int>
     */
    private function ofAssignee(array $assignments, array $entries, ?array $estimated, ?array $estimatedToday, bool $done, bool $wasDone): array
    {
        $planned = 0;
        $plannedCost = 0;
        $unrated = 0;
        $value = 0;
        $last = $assignments[0];
        $first = $assignments[0]['starts_on'];
        foreach ($assignments as $row) {
            $minutes = self::minutes($row['planned']);
            $rate = $this->rate(self::text($row, 'person'), self::text($row, 'role'), $row['starts_on']);
            $cost = $rate === null ? 0 : self::cents($minutes, $rate);
            $planned += $minutes;
            $plannedCost += $cost;
            $unrated += $rate === null ? $minutes : 0;
            $phased = 0;
            foreach ($this->phased($minutes, $row) as $day => $share) {
                $phased += $day <= $this->today ? $share : 0;
            }
            $value += $minutes === 0 ? 0 : self::half($cost * $phased, $minutes);
            $first = min($first, $row['starts_on']);
            if ($row['ends_on'] > $last['ends_on'] || ($row['ends_on'] === $last['ends_on'] && strcmp(self::text($row, 'role'), self::text($last, 'role')) < 0)) {
                $last = $row;
            }
        }
        $sums = $this->sums($entries);
        $entered = $sums['actual'] + $sums['pending'];
        $remaining = $done ? 0 : self::left($planned, $entered, $entries, $estimated);
        $past = array_values(array_filter($entries, fn (array $row): bool => $row['date'] <= $this->today));
        $pastSums = $this->sums($past);
        $pastEntered = $pastSums['actual'] + $pastSums['pending'];
        $pastLeft = self::left($planned, $pastEntered, $past, $estimatedToday);
        $isDone = $wasDone || ($estimatedToday !== null && self::text($estimatedToday, 'done') === 'yes');
        $rate = $this->rate(self::text($last, 'person'), self::text($last, 'role'), max($this->today, $first));

        return [
            'planned' => $planned, 'planned_cost' => $plannedCost, 'unrated_planned' => $unrated, 'remaining' => $remaining,
            'forecast_cost' => $sums['cost'] + ($rate === null ? 0 : self::cents($remaining, $rate)),
            'pv' => $value, 'ac' => $pastSums['cost'],
            'ev' => $isDone ? $plannedCost : ($pastEntered + $pastLeft === 0 ? 0 : self::half($plannedCost * $pastEntered, $pastEntered + $pastLeft)),
        ] + $sums;
    }

    /**
     * @param  list<array<string, string>>  $entries
     * @return array<string, int>
     */
    private function unassigned(int $planned, array $entries, bool $done): array
    {
        $sums = $this->sums($entries);
        $past = $this->sums(array_values(array_filter($entries, fn (array $row): bool => $row['date'] <= $this->today)));

        return [
            'planned' => $planned, 'planned_cost' => 0, 'unrated_planned' => $planned,
            'remaining' => $done ? 0 : max(0, $planned - $sums['actual'] - $sums['pending']),
            'forecast_cost' => $sums['cost'], 'pv' => 0, 'ac' => $past['cost'], 'ev' => 0,
        ] + $sums;
    }

    /**
     * @param  list<array<string, string>>  $entries
     * @return array{actual: int, pending: int, cost: int, actual_cost: int, unrated_entered: int}
     */
    private function sums(array $entries): array
    {
        $sums = ['actual' => 0, 'pending' => 0, 'cost' => 0, 'actual_cost' => 0, 'unrated_entered' => 0];
        foreach ($entries as $row) {
            $minutes = self::minutes($row['hours']);
            $isActual = in_array(self::text($row, 'state'), ['approved', 'settled'], true);
            $sums[$isActual ? 'actual' : 'pending'] += $minutes;
            $rate = $this->rate($row['person'], self::text($row, 'role'), $row['date']);
            if ($rate === null) {
                $sums['unrated_entered'] += $minutes;
            } else {
                $sums['cost'] += self::cents($minutes, $rate);
                $sums['actual_cost'] += $isActual ? self::cents($minutes, $rate) : 0;
            }
        }

        return $sums;
    }

    /**
     * @param  list<array<string, string>>  $entries
     * @param  array<string, string>|null  $estimated
     */
    private static function left(int $planned, int $entered, array $entries, ?array $estimated): int
    {
        if ($estimated === null) {
            return max(0, $planned - $entered);
        }
        if (self::text($estimated, 'done') === 'yes') {
            return 0;
        }
        $since = 0;
        foreach ($entries as $row) {
            $since += $row['date'] > $estimated['on'] ? self::minutes($row['hours']) : 0;
        }

        return max(0, self::minutes($estimated['remaining']) - $since);
    }

    /**
     * @param  array<string, bool>  $names
     * @param  array<string, array<string, string>>  $latest
     */
    private static function allDone(array $names, array $latest): bool
    {
        foreach (array_keys($names) as $assignee) {
            if (self::text($latest[$assignee] ?? [], 'done') !== 'yes') {
                return false;
            }
        }

        return $names !== [];
    }

    /** @param  array<string, bool>  $names */
    private function holds(string $person, array $names): string
    {
        $team = self::text($this->person($person), 'team');

        return match (true) {
            isset($names['p:'.$person]) => 'p:'.$person,
            $team !== '' && isset($names['t:'.$team]) => 't:'.$team,
            default => '',
        };
    }

    /** @return list<array{kind: string, day: string, minutes: int, project: string, task: string, phase: string, person: string, team: string, role: string}> */
    private function values(): array
    {
        $values = [];
        foreach ($this->rows['tasks'] as $task) {
            $base = ['project' => $task['project'], 'task' => $task['task'], 'phase' => self::text($task, 'phase')];
            $assigned = 0;
            foreach ($this->of('assignments', $task) as $row) {
                $assigned += self::minutes($row['planned']);
                $person = self::text($row, 'person');
                $who = ['person' => $person, 'team' => $person === '' ? self::text($row, 'team') : self::text($this->person($person), 'team'), 'role' => $this->role($person, self::text($row, 'role'))];
                foreach ($this->phased(self::minutes($row['planned']), $row) as $day => $minutes) {
                    $values[] = ['kind' => 'plan', 'day' => $day, 'minutes' => $minutes] + $base + $who;
                }
            }
            $own = self::text($task, 'planned');
            $project = array_values(array_filter($this->rows['projects'], static fn (array $row): bool => $row['project'] === $task['project']))[0];
            $first = self::text($task, 'starts_on') ?: self::text($project, 'starts_on');
            $last = self::text($task, 'ends_on') ?: self::text($project, 'ends_on');
            if ($own !== '' && self::minutes($own) > $assigned && $first !== '' && $last !== '') {
                foreach ($this->phased(self::minutes($own) - $assigned, ['starts_on' => $first, 'ends_on' => $last]) as $day => $minutes) {
                    $values[] = ['kind' => 'plan', 'day' => $day, 'minutes' => $minutes, 'person' => '', 'team' => '', 'role' => ''] + $base;
                }
            }
            foreach ($this->of('entries', $task) as $row) {
                $kind = in_array(self::text($row, 'state'), ['approved', 'settled'], true) ? 'actual' : 'pending';
                $values[] = ['kind' => $kind, 'day' => $row['date'], 'minutes' => self::minutes($row['hours']), 'person' => $row['person'],
                    'team' => self::text($this->person($row['person']), 'team'), 'role' => $this->role($row['person'], self::text($row, 'role'))] + $base;
            }
        }

        return $values;
    }

    /** @param  array{kind: string, day: string, minutes: int, project: string, task: string, phase: string, person: string, team: string, role: string}  $value */
    private function group(string $by, array $value): string
    {
        $or = static fn (string $text): string => $text === '' ? '-' : $text;

        return match ($by) {
            'project' => $value['project'],
            'task' => $value['project'].'/'.$value['task'],
            'phase' => $value['project'].'/'.$or($value['phase']),
            'month' => substr($value['day'], 0, 7),
            'week' => (new DateTimeImmutable($value['day']))->format('o-\WW'),
            'client' => $or(self::text(array_values(array_filter($this->rows['projects'], static fn (array $row): bool => $row['project'] === $value['project']))[0], 'client')),
            'person' => $or($value['person']),
            'team' => $or($value['team']),
            default => $or($value['role']),
        };
    }

    /**
     * @param  array<string, string>  $row
     * @return array<string, int>
     */
    private function phased(int $minutes, array $row): array
    {
        $person = $this->person(self::text($row, 'person'));
        $capacity = [];
        for ($day = new DateTimeImmutable($row['starts_on']); $day->format('Y-m-d') <= $row['ends_on']; $day = $day->modify('+1 day')) {
            $held = $this->held($person, $day->format('Y-m-d'));
            if ($held > 0) {
                $capacity[$day->format('Y-m-d')] = $held;
            }
        }
        if ($capacity === []) {
            return [$row['starts_on'] => $minutes];
        }
        $steps = intdiv($minutes, 15);
        $shares = [];
        $order = [];
        foreach ($capacity as $day => $held) {
            $shares[$day] = intdiv($steps * $held, array_sum($capacity));
            $order[] = [-(($steps * $held) % array_sum($capacity)), $day];
        }
        sort($order);
        for ($index = 0, $left = $steps - array_sum($shares); $index < $left; $index++) {
            $shares[$order[$index][1]]++;
        }
        $filled = array_keys(array_filter($shares));
        $rest = $filled === [] ? array_key_first($shares) : end($filled);

        return array_filter(array_combine(array_keys($shares), array_map(
            static fn (string $day, int $share): int => $share * 15 + ($day === $rest ? $minutes % 15 : 0),
            array_keys($shares),
            $shares,
        )));
    }

    /** Ten-thousandths an hour. */
    private function rate(string $person, string $role, string $day): ?int
    {
        $role = $this->role($person, $role);
        foreach ([[$person, $role], [$person, ''], ['', $role]] as [$ofPerson, $ofRole]) {
            $best = null;
            foreach ($this->rows['rates'] ?? [] as $rate) {
                if ([$ofPerson, $ofRole] === [$rate['person'], $rate['role']] && [$ofPerson, $ofRole] !== ['', ''] && $rate['from'] <= $day && ($best === null || $rate['from'] > $best['from'])) {
                    $best = $rate;
                }
            }
            if ($best !== null) {
                return self::scaled($best['cost_rate'], 4);
            }
        }

        return null;
    }

    private function role(string $person, string $role): string
    {
        return $role === '' ? self::text($this->person($person), 'role') : $role;
    }

    /** @return array<string, string> */
    private function person(string $code): array
    {
        return $this->people[$code] ?? [];
    }

    /**
     * @param  array<string, string>  $task
     * @return list<array<string, string>>
     */
    private function of(string $file, array $task): array
    {
        return $this->byTask[$file.'|'.$task['project'].'|'.$task['task']] ?? [];
    }

    /** @param  array<string, string>  $assignment */
    private static function assigneeOf(array $assignment): string
    {
        return self::text($assignment, 'person') === '' ? 't:'.$assignment['team'] : 'p:'.$assignment['person'];
    }

    /** @param  array<string, string>  $row */
    private static function text(array $row, string $column): string
    {
        return $row[$column] ?? '';
    }

    private static function minutes(string $hours): int
    {
        $sign = str_starts_with($hours, '-') ? -1 : 1;
        $hours = ltrim($hours, '-');
        if (str_contains($hours, ':')) {
            [$whole, $minutes] = explode(':', $hours);

            return $sign * ((int) $whole * 60 + (int) $minutes);
        }

        return $sign * (str_ends_with($hours, 'm') ? (int) $hours : self::half(self::scaled($hours, 4) * 60, 10000));
    }

    private static function scaled(string $decimal, int $places): int
    {
        [$whole, $fraction] = explode('.', $decimal.'.');

        return (int) ($whole.str_pad(substr($fraction, 0, $places), $places, '0'));
    }

    private static function cents(int $minutes, int $rate): int
    {
        return self::half($minutes * $rate, 6000);
    }

    /** Half away from zero. */
    private static function half(int $part, int $whole): int
    {
        return intdiv(2 * abs($part) + $whole, 2 * $whole) * ($part < 0 ? -1 : 1);
    }
}
