<?php

declare(strict_types=1);

namespace App\Features\Compare\Queries;

use App\Features\Compare\Props\OpenedFigureProps;
use App\Features\Compare\Props\OpenedNameProps;
use App\Features\Compare\Props\OpenedPartProps;
use App\Models\Person;
use Moss\Core\Calendar\Day;
use Moss\Core\Compare\Grouping;
use Moss\Core\Compare\Selection;

/** What a figure of a comparison is made of: the same comparison once more, by task and person within the group, and its entries. */
final readonly class OpenedFigures
{
    private const MOST_PARTS = 100;

    public function __construct(private ComparisonReport $report, private ComparedEntries $entries)
    {
    }

    public function of(Person $reader, ComparisonQuestion $asked, OpenedGroup $opened, Day $today): OpenedFigureProps
    {
        $within = self::within($asked, $opened);
        $comparison = $this->report->comparison(Grouping::Task, $within, $asked->days, $today, $asked->withPending, ComparableWork::of($reader), Grouping::Person);
        $found = [];
        foreach ($comparison->groups() as $task => $group) {
            foreach ($group->parts as $person => $part) {
                $minutes = $opened->minutesOf($part->row)->toInt();
                if ($minutes !== 0) {
                    $found[] = [(string) $task, (string) $person, $minutes];
                }
            }
        }
        usort($found, static fn (array $one, array $other): int => [-$one[2], $one[0], $one[1]] <=> [-$other[2], $other[0], $other[1]]);
        $shown = array_slice($found, 0, self::MOST_PARTS);
        [$entries, $count] = $opened->figure->hasEntries() ? $this->entries->of($reader, $asked, $within, $opened->figure) : [[], 0];

        return new OpenedFigureProps(
            $opened->figure,
            self::names($asked, $opened),
            $opened->minutesOf($comparison->total())->toInt(),
            self::parts($shown),
            count($found),
            $entries,
            $count,
        );
    }

    private static function within(ComparisonQuestion $asked, OpenedGroup $opened): Selection
    {
        return array_reduce(self::groups($asked, $opened), static fn (Selection $within, array $group): Selection => $within->within(...$group), $asked->selection);
    }

    /** @return list<OpenedNameProps> */
    private static function names(ComparisonQuestion $asked, OpenedGroup $opened): array
    {
        return array_map(static fn (array $group): OpenedNameProps => new OpenedNameProps($group[0], $group[1], GroupNames::for($group[0], [$group[1]])->nameOf($group[1])), self::groups($asked, $opened));
    }

    /** @return list<array{Grouping, string}> the groups that the figure belongs to, by their codes */
    private static function groups(ComparisonQuestion $asked, OpenedGroup $opened): array
    {
        $groups = [];
        foreach ([[$asked->by, $opened->group], [$asked->then, $opened->part], [$asked->across, $opened->period]] as [$grouping, $code]) {
            if ($grouping !== null && $code !== null) {
                $groups[] = [$grouping, $code];
            }
        }

        return $groups;
    }

    /**
     * @param  list<array{string, string, int}>  $shown  task, person and minutes
     * @return list<OpenedPartProps>
     */
    private static function parts(array $shown): array
    {
        $tasks = GroupNames::for(Grouping::Task, array_column($shown, 0));
        $people = GroupNames::for(Grouping::Person, array_column($shown, 1));

        return array_map(static fn (array $part): OpenedPartProps => new OpenedPartProps(
            $part[0], $tasks->nameOf($part[0]), $part[1] === Grouping::NONE ? null : $people->nameOf($part[1]), $part[2],
        ), $shown);
    }
}
