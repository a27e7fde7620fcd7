<?php

declare(strict_types=1);

namespace App\Effort\Recalculation;

/** What is to be recalculated in the background, of which one act knows only the reason. */
final readonly class RecalculationScope
{
    /** @param  array<string, mixed>  $values  as they are stored */
    private function __construct(public RecalculationKind $kind, public array $values)
    {
    }

    /** @param  array<string, mixed>  $values */
    public static function stored(RecalculationKind $kind, array $values): self
    {
        return new self($kind, $values);
    }

    /** @param  list<array{int, int, int, string}>  $keys */
    public static function recorded(array $keys): self
    {
        return new self(RecalculationKind::RecordedKeys, ['keys' => $keys]);
    }

    /** What a person's time costs from a day on. */
    public static function costOfPerson(int $person, string $from): self
    {
        return new self(RecalculationKind::RecordedPeople, ['people' => [$person], 'from' => $from]);
    }

    /** What time in a role costs from a day on: of those whose usual role it is, and of whoever recorded in it. */
    public static function costOfRole(int $role, string $from): self
    {
        return new self(RecalculationKind::RecordedPeople, ['role' => $role, 'from' => $from]);
    }

    /** Everything recorded. */
    public static function allRecorded(): self
    {
        return new self(RecalculationKind::RecordedPeople, ['from' => '0001-01-01']);
    }

    /** What is summed up of this by task and project, and comes after it; null where that comes with it. */
    public function sums(): ?self
    {
        $people = $this->ids('people');

        return $this->kind === RecalculationKind::RecordedPeople ? new self(RecalculationKind::RecordedSums, $people === null || count($people) > 1 ? [] : ['person' => $people[0], 'from' => $this->text('from')]) : null;
    }

    /** Working time of one person. */
    public static function workingTimeOf(int $person): self
    {
        return new self(RecalculationKind::Planned, ['person' => $person]);
    }

    /** Working time of the organisation. */
    public static function workingTime(): self
    {
        return new self(RecalculationKind::Planned, []);
    }

    /** A holiday that comes, goes or changes. */
    public static function holiday(string $date): self
    {
        return new self(RecalculationKind::Planned, ['date' => $date]);
    }

    /** @param  list<int>  $tasks */
    public static function plans(array $tasks): self
    {
        return new self(RecalculationKind::Tasks, ['tasks' => $tasks, 'plans' => true]);
    }

    /** @param  list<int>  $tasks */
    public static function figures(array $tasks): self
    {
        return new self(RecalculationKind::Tasks, ['tasks' => $tasks, 'plans' => false]);
    }

    /** Whose time and estimates fall on other assignees, since the person is in another team. */
    public static function teamOf(int $person): self
    {
        return new self(RecalculationKind::Tasks, ['person' => $person, 'plans' => false]);
    }

    public static function allTasks(): self
    {
        return new self(RecalculationKind::Tasks, ['plans' => true]);
    }

    public static function allProjects(): self
    {
        return new self(RecalculationKind::Projects, []);
    }

    /** By which scopes that differ at most in their first day are known as the same. */
    public function key(): string
    {
        return $this->kind->value.' '.json_encode(array_diff_key($this->values, ['from' => '']), JSON_THROW_ON_ERROR);
    }

    /** Whether it is of some people or tasks that its reason tells, rather than named or all of them. */
    public function isOfSome(): bool
    {
        return array_intersect_key($this->values, ['role' => 0, 'person' => 0, 'date' => 0]) !== [];
    }

    /** Whether plans are recalculated with figures. */
    public function hasPlans(): bool
    {
        return ($this->values['plans'] ?? false) === true;
    }

    /** @param  list<int>  $ids */
    public function ofIds(string $name, array $ids): self
    {
        return new self($this->kind, [$name => $ids] + array_intersect_key($this->values, ['from' => 0, 'plans' => 0]));
    }

    /** @return list<int>|null what is named, null where it is found as the work goes on */
    public function ids(string $name): ?array
    {
        $ids = $this->values[$name] ?? null;

        return is_array($ids) ? array_values(array_filter($ids, is_int(...))) : null;
    }

    public function int(string $name): ?int
    {
        $value = $this->values[$name] ?? null;

        return is_int($value) ? $value : null;
    }

    public function text(string $name): string
    {
        $value = $this->values[$name] ?? '';

        return is_string($value) ? $value : '';
    }

    /** @return list<array{int, int, int, string}> */
    public function keys(): array
    {
        /** @var list<array{int, int, int, string}> $keys as `recorded` took them */
        $keys = $this->values['keys'] ?? [];

        return $keys;
    }
}
