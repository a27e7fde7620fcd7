<?php

declare(strict_types=1);

namespace App\Features\Compare\Queries;

use App\Support\Database\Sql;
use App\Support\Database\StreamedRows;
use Illuminate\Support\Facades\DB;
use Moss\Core\Compare\ComparedDays;
use Moss\Core\Compare\Comparison;
use Moss\Core\Compare\ComparisonRow;
use Moss\Core\Compare\Grouping;
use Moss\Core\Compare\RecordedTime;
use Moss\Core\Compare\WorkItem;

/**
 * Hours by one grouping, which is what is asked for most. Stored sums are added up here, number by number, as they are stored: the
 * database would sort them first, and an object for each takes as long again. Which group a number belongs to, the core says.
 */
final readonly class HoursByGroup
{
    /** Of more than these, some are looked up at a time: all of 40,000 would take as much memory as what is made of them. */
    public const TASKS_AT_ONCE = 15_000;

    /**
     * @param  'project_id'|'task_id'|'person_id'|'role_id'  $first  the column of the number that tells groups apart
     * @param  string|null  $second  the one that does where a row has none in the first
     */
    private function __construct(private ComparisonTerms $terms, private Dimensions $asked, private ComparableWork $work, private string $first, private ?string $second)
    {
    }

    /** Null where more is asked for than that. */
    public static function of(ComparisonTerms $terms, Dimensions $asked, ComparableWork $work): ?self
    {
        $isOfHours = $terms->groupings() === [$terms->by] && $terms->selection->takesEverything() && ! $asked->billable && $terms->field === null && $asked->areOfStoredHours($terms, $work);
        [$first, $second] = match ($terms->by) {
            Grouping::Project, Grouping::Client, Grouping::Manager => ['project_id', null],
            Grouping::Task, Grouping::Phase, Grouping::ChargeCode => ['task_id', null],
            Grouping::Person => ['person_id', null],
            Grouping::Team => ['person_id', 'team_id'],
            Grouping::Role => ['role_id', 'person_id'],
            Grouping::Billable, Grouping::OwnField, Grouping::Quarter, Grouping::Month, Grouping::Week => [null, null],
        };

        return $isOfHours && $first !== null ? new self($terms, $asked, $work, $first, $second) : null;
    }

    /** @param  positive-int  $tasksAtOnce */
    public function comparison(int $tasksAtOnce = self::TASKS_AT_ONCE): Comparison
    {
        return Comparison::ofRows($this->rows($tasksAtOnce));
    }

    /**
     * @param  positive-int  $tasksAtOnce
     * @return array<array-key, ComparisonRow> by group code
     */
    private function rows(int $tasksAtOnce): array
    {
        [$planned, $toDate] = $this->added(PlannedSums::of($this->asked, ComparedDays::planned($this->terms->days, $this->terms->today), $this->work), ['minutes', 'to_date']);
        [$actual, $pending] = $this->added(RecordedSums::of($this->asked, false, ComparedDays::recorded($this->terms->days), $this->work), ['actual', 'pending']);
        $rows = [];
        foreach ($this->items(array_keys($planned + $actual), $tasksAtOnce) as $number => $item) {
            $group = $this->terms->by->groupOf($item, null);
            $waiting = $pending[$number] ?? 0;
            $row = new ComparisonRow($planned[$number] ?? 0, $toDate[$number] ?? 0, RecordedTime::counted($actual[$number] ?? 0, $waiting, $this->terms->withPending), $waiting);
            $rows[$group] = isset($rows[$group]) ? $rows[$group]->plus($row) : $row;
        }

        return $rows;
    }

    /**
     * What numbers stand for.
     *
     * @param  list<int>  $numbers
     * @param  positive-int  $tasksAtOnce
     * @return iterable<int, WorkItem> by number
     */
    private function items(array $numbers, int $tasksAtOnce): iterable
    {
        $areManyTasks = $this->first === 'task_id' && count($numbers) > $tasksAtOnce;
        foreach ($areManyTasks ? array_chunk($numbers, $tasksAtOnce) : [$numbers] as $some) {
            $items = WorkItems::load($this->terms, $this->asked, $this->work, $areManyTasks ? $some : null);
            foreach ($some as $number) {
                yield $number => match ($this->first) {
                    'person_id' => $items->of(0, max($number, 0), max(-$number, 0), 0),
                    'role_id' => $items->of(0, max(-$number, 0), 0, max($number, 0)),
                    default => $items->of($number, 0, 0, 0),
                };
            }
        }
    }

    /**
     * @param  list<SumPart>  $parts
     * @param  array{string, string}  $sums
     * @return array{array<int, int>, array<int, int>} of each sum what it comes to, by the number in the first column, or by that in the second with its sign changed
     */
    private function added(array $parts, array $sums): array
    {
        $ones = [];
        $others = [];
        foreach ($parts as $part) {
            $number = $this->second !== null && in_array($this->second, $part->columns, true) ? Sql::numberOrElse($this->first, $this->second, 'number') : $this->first;
            foreach (StreamedRows::of(DB::query()->fromSub($part->rows ?? $part->query, 'part')->select([
                $number,
                ...array_map(static fn (string $sum): string|Sql => in_array($sum, $part->sums, true) ? $sum : Sql::number(0, $sum), $sums),
            ])) as $row) {
                /** @var array{int, int, int} $row */
                [$number, $one, $other] = $row;
                if ($one !== 0 || $other !== 0) {
                    $ones[$number] = ($ones[$number] ?? 0) + $one;
                    $others[$number] = ($others[$number] ?? 0) + $other;
                }
            }
        }

        return [$ones, $others];
    }
}
