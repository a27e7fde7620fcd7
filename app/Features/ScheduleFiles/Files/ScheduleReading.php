<?php

declare(strict_types=1);

namespace App\Features\ScheduleFiles\Files;

use App\Features\Plan\Actions\PlanNames;
use App\Features\Plan\Actions\PlanText;
use App\Http\Input\WorkWeek;
use App\Support\Language\Wording;
use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use DomainException;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Planning\Assignee;
use Moss\Core\Planning\Capacities;
use Moss\Core\Planning\Spread;
use Moss\Core\Schedule\Dependency;
use Moss\Core\Schedule\NotADependency;
use Moss\Core\Schedule\Schedule;
use Moss\Core\Schedule\ScheduledTask;
use Moss\Core\Schedule\ScheduledWork;
use Moss\Core\Time\Minutes;

/**
 * Reads the rows of a schedule file. A row that names nobody is of the task itself; one that names somebody is of their work on it, on a
 * day, in a week, between two days, or with a column for each day. What cannot be read is said by its line.
 */
final class ScheduleReading
{
    /** @var array<array-key, array<string, string>> fields of tasks by code */
    private array $tasks = [];

    /** @var array<string, array{string, string, string, array<string, array{string, string, int}>}> task, assignee, role and stretches by key */
    private array $work = [];

    /** @var list<array{int, string}> line and sentence */
    public array $faults = [];

    /**
     * @param  list<list<string>>  $rows  the headings first
     * @param  array<string, string>  $codes  of tasks by name in small letters, where a file has no codes
     * @param  array<int, string>  $people  codes by id
     * @param  array<int, string>  $teams  likewise
     * @param  array<int, string>  $roles  likewise
     */
    public function __construct(private readonly array $rows, private readonly ScheduleColumns $columns, private readonly PlanNames $names, private readonly array $codes, private readonly array $people, private readonly array $teams, private readonly array $roles)
    {
    }

    public function schedule(Capacities $capacities): Schedule
    {
        foreach (array_slice($this->rows, 1) as $index => $row) {
            try {
                $this->row($row);
            } catch (DomainException $refused) {
                $this->faults[] = [$index + 2, $refused->getMessage()];
            }
        }
        $tasks = [];
        foreach ($this->tasks as $code => $fields) {
            $tasks[$code] = new ScheduledTask(
                (string) $code, $fields['name'] ?? '', $fields['phase'] ?? '', $fields['wbs'] ?? '', isset($fields['milestone']) ? $fields['milestone'] === 'yes' : null, isset($fields['after']) ? self::dependencies($fields['after']) : null,
                self::dayOf($fields['starts_on'] ?? ''), self::dayOf($fields['ends_on'] ?? ''), isset($fields['planned']) ? Minutes::of((int) $fields['planned']) : null,
            );
        }
        $work = [];
        foreach ($this->work as $key => [$task, $assignee, $role, $stretches]) {
            ksort($stretches);
            $work[$key] = new ScheduledWork($task, $assignee, $role, array_values($stretches), self::byDay($assignee, array_values($stretches), $capacities));
        }

        return new Schedule($tasks, $work);
    }

    /**
     * Minutes of stretches laid over days as the plan lays them.
     *
     * @param  list<array{string, string, int}>  $stretches
     * @return array<string, int>
     */
    public static function byDay(string $assignee, array $stretches, Capacities $capacities): array
    {
        [$kind, $code] = explode(':', $assignee, 2);
        $capacity = $capacities->for($kind === 'team' ? Assignee::team($code) : Assignee::person($code));
        $byDay = [];
        foreach ($stretches as [$first, $last, $minutes]) {
            foreach (Spread::over(Minutes::of($minutes), DayRange::between(Day::of($first), Day::of($last)), $capacity)->byDay() as $date => $share) {
                $byDay[$date] = ($byDay[$date] ?? 0) + $share->toInt();
            }
        }
        ksort($byDay);

        return $byDay;
    }

    /**
     * @param  list<string>  $row
     *
     * @throws DomainException
     */
    private function row(array $row): void
    {
        $text = fn (string $name): string => $this->columns->text($row, $name);
        $name = $text('name') === '' ? '' : PlanText::name($text('name'), 'name');
        $code = $text('task') === '' ? $this->codes[mb_strtolower($name)] ?? ($name === '' ? '' : PlanText::codeFor($name, fn (string $code): bool => ($this->tasks[$code]['name'] ?? $name) !== $name)) : PlanText::code($text('task'));
        if ($code === '') {
            throw new DomainException(Wording::of('schedule.no_task'));
        }
        $isOfTask = $text('who') === '';
        $fields = array_filter(['name' => $name, 'phase' => $text('phase'), 'wbs' => mb_substr($text('wbs'), 0, 50), 'milestone' => self::milestone($text('milestone')), 'after' => $this->after($code, $text('after'))], static fn (string $value): bool => $value !== '');
        if ($isOfTask) {
            [$first, $last] = [PlanText::day($text('starts_on'), 'startsOn'), PlanText::day($text('ends_on'), 'endsOn')];
            $fault = PlanText::faultOfDays($first, $last);
            if ($fault !== null) {
                throw new DomainException($fault);
            }
            $fields += array_filter(['starts_on' => $first?->toString() ?? '', 'ends_on' => $last?->toString() ?? ''], static fn (string $value): bool => $value !== '');
            $planned = self::minutes($text('planned'));
            $fields += $planned === null ? [] : ['planned' => (string) $planned->toInt()];
        }
        $stretches = $isOfTask ? [] : $this->stretches($row, $code);
        // Nothing of a line that cannot be read is taken.
        $this->tasks[$code] = ($this->tasks[$code] ?? []) + $fields;
        // On a day without planned hours somebody only recorded time; without a day they are on the task without hours yet.
        $isPlanned = array_sum(array_column($stretches, 2)) > 0 || $text('day').$text('week') === '';
        if (! $isOfTask && $isPlanned) {
            $this->add($code, $text('who'), $text('role'), $stretches);
        }
    }

    /**
     * @return string `yes`, `no`, or nothing where it is not said
     *
     * @throws DomainException
     */
    private static function milestone(string $text): string
    {
        return match (mb_strtolower($text)) {
            '' => '',
            'yes', 'true', '1', 'x' => 'yes',
            'no', 'false', '0' => ScheduledTask::NO_MILESTONE,
            default => throw new DomainException(Wording::of('schedule.milestone', ['text' => mb_strimwidth($text, 0, 20, '…', 'UTF-8')])),
        };
    }

    /**
     * @return list<Dependency>
     *
     * @throws NotADependency
     */
    private static function dependencies(string $text): array
    {
        return mb_strtolower($text) === ScheduledTask::WAITS_FOR_NOTHING ? [] : Dependency::readAll($text);
    }

    /** @throws DomainException */
    private function after(string $code, string $text): string
    {
        try {
            foreach (self::dependencies($text) as $dependency) {
                if ($dependency->task === $code) {
                    throw new DomainException(Wording::of('schedule.own_predecessor', ['task' => $code]));
                }
            }
        } catch (NotADependency) {
            throw new DomainException(Wording::of('schedule.dependency', ['text' => mb_strimwidth($text, 0, 60, '…', 'UTF-8')]));
        }

        return $text;
    }

    /**
     * @param  list<string>  $row
     * @return list<array{string, string, int}>
     *
     * @throws DomainException
     */
    private function stretches(array $row, string $code): array
    {
        $text = fn (string $name): string => $this->columns->text($row, $name);
        $minutes = self::minutes($text('planned'))?->toInt() ?? 0;
        $stretches = [];
        foreach ($this->columns->days as $place => $date) {
            $ofDay = self::minutes($row[$place] ?? '')?->toInt() ?? 0;
            if ($ofDay > 0) {
                $stretches[] = [$date, $date, $ofDay];
            }
        }
        if ($text('day') !== '') {
            $day = PlanText::day($text('day'), 'startsOn')?->toString() ?? '';
            $stretches[] = [$day, $day, $minutes];
        } elseif ($text('week') !== '') {
            $week = WorkWeek::read($text('week')) ?? throw new DomainException(Wording::of('schedule.week', ['text' => mb_strimwidth($text('week'), 0, 20, '…', 'UTF-8')]));
            $stretches[] = [$week->monday()->toString(), $week->sunday()->toString(), $minutes];
        } elseif ($stretches === [] && $minutes > 0) {
            $first = PlanText::day($text('starts_on'), 'startsOn') ?? self::dayOf($this->tasks[$code]['starts_on'] ?? '');
            $last = PlanText::day($text('ends_on'), 'endsOn') ?? self::dayOf($this->tasks[$code]['ends_on'] ?? '');
            if ($first === null || $last === null) {
                throw new DomainException(Wording::of('schedule.no_days'));
            }
            $fault = PlanText::faultOfDays($first, $last);
            if ($fault !== null) {
                throw new DomainException($fault);
            }
            $stretches[] = [$first->toString(), $last->toString(), $minutes];
        }
        foreach ($stretches as [$first, $last, $ofStretch]) {
            if ($first === $last && $ofStretch > Minutes::PER_DAY) {
                throw new DomainException(Wording::refusal('plan_row.full_day'));
            }
        }

        return $stretches;
    }

    /**
     * @param  list<array{string, string, int}>  $stretches
     *
     * @throws DomainException
     */
    private function add(string $code, string $who, string $role, array $stretches): void
    {
        $assignee = $this->names->assignee($who);
        $named = $assignee['person_id'] === null ? 'team:'.($this->teams[$assignee['team_id'] ?? 0] ?? '') : 'person:'.($this->people[$assignee['person_id']] ?? '');
        $inRole = $this->names->role($role);
        $ofRole = $inRole === null ? '' : $this->roles[$inRole] ?? '';
        $key = ScheduledWork::keyOf($code, $named, $ofRole);
        $this->work[$key] ??= [$code, $named, $ofRole, []];
        foreach ($stretches as [$first, $last, $minutes]) {
            // What begins on the same day is one stretch; a line without hours only says that somebody is on it, or what they did.
            if ($minutes > 0) {
                $before = $this->work[$key][3][$first] ?? [$first, $last, 0];
                $this->work[$key][3][$first] = [$first, max($before[1], $last), $before[2] + $minutes];
            }
        }
    }

    /**
     * Hours in any form that people type; decimals with many places, as spreadsheets store them, to the minute.
     *
     * @throws DomainException
     */
    private static function minutes(string $text): ?Minutes
    {
        return preg_match('/^\d{1,6}\.\d{3,17}$/D', trim($text)) === 1
            ? Minutes::of(BigDecimal::of(trim($text))->multipliedBy(60)->toScale(0, RoundingMode::HALF_UP)->toInt())
            : PlanText::minutes($text);
    }

    private static function dayOf(string $text): ?Day
    {
        return $text === '' ? null : Day::of($text);
    }
}
