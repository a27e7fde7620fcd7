<?php

declare(strict_types=1);

namespace App\Features\Compare\Queries;

use App\Features\Compare\Props\MeasureValueProps;
use App\Features\Compare\Props\OpenedFigureProps;
use App\Features\Compare\Props\OpenedNameProps;
use App\Features\Compare\Props\OpenedPartProps;
use App\Models\Person;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Compare\Grouping;
use Moss\Core\Compare\Selection;

/** What a figure of a comparison is made of: the same comparison once more, by task and person within the group, and its entries. */
final readonly class OpenedFigures
{
    private const MOST_PARTS = 100;

    public function __construct(private ComparisonReport $report, private ComparedEntries $entries)
    {
    }

    public function of(Person $reader, ComparisonQuestion $asked, OpenedGroup $opened): OpenedFigureProps
    {
        $within = self::within($asked, $opened);
        $measure = $opened->measure;
        // What days ask of people belongs to no task, but to weeks.
        [$by, $then] = $measure->isOfAttendance() ? [Grouping::Week, Grouping::Person] : [Grouping::Task, Grouping::Person];
        $comparison = $this->report->comparison($asked->terms->within($within, $by, $then, $measure), ComparableWork::of($reader));
        $found = [];
        foreach ($comparison->groups() as $code => $group) {
            foreach ($group->parts as $person => $part) {
                $amount = $measure->amountOf($part->row);
                if ($amount !== 0) {
                    $found[] = [(string) $code, (string) $person, $amount, $measure->leftOutOf($part->row)];
                }
            }
        }
        $order = static fn (array $one): array => $measure->isOfAttendance() ? [0, $one[0], $one[1]] : [-abs((int) $one[2]), $one[0], $one[1]];
        usort($found, static fn (array $one, array $other): int => $order($one) <=> $order($other));
        $shown = array_slice($found, 0, self::MOST_PARTS);
        [$entries, $count] = $measure->hasEntries() && ! $asked->terms->asksFieldOfExpenses() ? $this->entries->of($reader, $asked->terms, $within, $measure) : [[], 0];

        [$expenses, $allExpenses] = $measure->isMoney() ? ComparedExpenses::of($reader, $measure, self::codes($found, 0), self::codes($found, 1), self::days($asked, $opened), $asked->terms->withPending, $asked->terms->asksFieldOfExpenses() ? $asked->terms->field : null, self::fieldValues($asked, $opened)) : [[], 0];

        return new OpenedFigureProps(
            self::names($asked, $opened),
            MeasureValueProps::of($measure, $comparison->total()),
            self::parts($shown, $by),
            count($found),
            $entries,
            $count,
            $expenses,
            $allExpenses,
        );
    }

    /**
     * @param  list<array{string, string, int|null, int}>  $found
     * @return list<string> each once
     */
    private static function codes(array $found, int $at): array
    {
        return array_values(array_unique(array_map(static fn (array $one): string => (string) $one[$at], array_slice($found, 0, self::MOST_PARTS))));
    }

    /** @return list<string> what the own field that is asked for may hold; none for anything */
    private static function fieldValues(ComparisonQuestion $asked, OpenedGroup $opened): array
    {
        foreach (self::groups($asked, $opened) as [$grouping, $code]) {
            if ($grouping === Grouping::OwnField) {
                return [$code];
            }
        }

        return $asked->terms->selection->fieldValues;
    }

    /** The days of the comparison that lie in the group. */
    private static function days(ComparisonQuestion $asked, OpenedGroup $opened): DayRange
    {
        $days = $asked->terms->days;
        foreach (self::groups($asked, $opened) as [$grouping, $code]) {
            $of = $grouping->isByDay() ? $grouping->daysOf($code) : null;
            if ($of !== null) {
                $days = DayRange::between(Day::later($days->first(), $of->first()), Day::earlier($days->last(), $of->last()));
            }
        }

        return $days;
    }

    private static function within(ComparisonQuestion $asked, OpenedGroup $opened): Selection
    {
        return array_reduce(self::groups($asked, $opened), static fn (Selection $within, array $group): Selection => $within->within($group[0], [$group[1]]), $asked->terms->selection);
    }

    /** @return list<OpenedNameProps> */
    private static function names(ComparisonQuestion $asked, OpenedGroup $opened): array
    {
        return array_map(static fn (array $group): OpenedNameProps => new OpenedNameProps($group[0], $group[1], GroupNames::for($group[0], [$group[1]], $asked->terms->field)->nameOf($group[1])), self::groups($asked, $opened));
    }

    /** @return list<array{Grouping, string}> the groups that the figure belongs to, by their codes */
    private static function groups(ComparisonQuestion $asked, OpenedGroup $opened): array
    {
        $groups = [];
        foreach ([[$asked->terms->by, $opened->group], [$asked->terms->then, $opened->part], [$asked->terms->across, $opened->period]] as [$grouping, $code]) {
            if ($grouping !== null && $code !== null) {
                $groups[] = [$grouping, $code];
            }
        }

        return $groups;
    }

    /**
     * @param  list<array{string, string, int|null, int}>  $shown  code of a task or week, of a person, the amount, and the minutes it leaves out
     * @return list<OpenedPartProps>
     */
    private static function parts(array $shown, Grouping $by): array
    {
        $names = GroupNames::for($by, array_values(array_unique(array_column($shown, 0))));
        $people = GroupNames::for(Grouping::Person, array_values(array_unique(array_column($shown, 1))));

        return array_map(static fn (array $part): OpenedPartProps => new OpenedPartProps(
            $by, $part[0], $names->nameOf($part[0]), $part[1] === Grouping::NONE ? null : $people->nameOf($part[1]), $part[2], $part[3],
        ), $shown);
    }
}
