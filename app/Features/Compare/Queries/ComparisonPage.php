<?php

declare(strict_types=1);

namespace App\Features\Compare\Queries;

use App\Features\Compare\Props\ComparedGroupProps;
use App\Features\Compare\Props\ComparedPartProps;
use App\Features\Compare\Props\ComparedRowProps;
use App\Features\Compare\Props\ComparisonProps;
use App\Lookup\Props\OptionProps;
use App\Models\Person;
use Moss\Core\Calendar\Day;
use Moss\Core\Compare\ComparedGroup;
use Moss\Core\Compare\Comparison;
use Moss\Core\Compare\ComparisonRow;
use Moss\Core\Compare\Grouping;
use Moss\Core\Compare\Standing;

/** A comparison as a page shows it: its groups in order, a page at a time, counts and sums of all. In a fixed number of queries. */
final readonly class ComparisonPage
{
    private const AT_ONCE = 50;

    /** Where each group comes with what it is made of. */
    private const FEWER_AT_ONCE = 15;

    /** Of one group; who looks into it gets all of them. */
    private const MOST_PARTS = 25;

    public function __construct(private ComparisonReport $report, private OpenedFigures $opened)
    {
    }

    public function of(Person $reader, ComparisonQuestion $asked, Day $today): ComparisonProps
    {
        $comparison = $this->report->comparison($asked->by, $asked->selection, $asked->days, $today, $asked->withPending, ComparableWork::of($reader), $asked->then, $asked->across);
        $groups = ComparisonOrder::of($comparison->groups(), $asked->by, $asked, ComparisonOrder::names($asked->by, $asked));
        $atOnce = $asked->then === null ? self::AT_ONCE : self::FEWER_AT_ONCE;
        $pages = max(1, (int) ceil(count($groups) / $atOnce));
        $page = min($asked->page, $pages);
        $shown = array_slice($groups, ($page - 1) * $atOnce, $atOnce, true);
        $totals = $comparison->periods();
        $periods = array_map(strval(...), array_keys($totals));
        $standings = array_count_values(array_map(static fn (ComparisonRow $row): string => Standing::of($row, $asked->tolerance)->value, $comparison->rows()));

        return new ComparisonProps(
            $asked->by, $asked->then, $asked->across, $asked->period, $asked->days->first()->toString(), $asked->days->last()->toString(),
            match ($asked->selection->internal) {
                true => 'only',
                false => 'out',
                null => '',
            },
            self::options(Grouping::Project, $asked->selection->projects),
            self::options(Grouping::Person, $asked->selection->persons),
            self::options(Grouping::Team, $asked->selection->teams),
            self::options(Grouping::Client, $asked->selection->clients),
            self::options(Grouping::Manager, $asked->selection->managers),
            $asked->withPending, $asked->tolerance, $asked->sort, $reader->isOffice() || $reader->isViewer(),
            $periods,
            self::groups($shown, $periods, $asked),
            ComparedRowProps::of($comparison->total(), $asked->tolerance),
            self::across($totals, $periods, $asked->tolerance),
            count($groups),
            $standings[Standing::Over->value] ?? 0,
            $standings[Standing::Under->value] ?? 0,
            $standings[Standing::Unplanned->value] ?? 0,
            $standings[Standing::OnTrack->value] ?? 0,
            self::scale($comparison, $asked),
            $page,
            $pages,
            $asked->opened === null ? null : $this->opened->of($reader, $asked, $asked->opened, $today),
        );
    }

    /**
     * @param  array<array-key, ComparedGroup>  $shown
     * @param  list<string>  $periods
     * @return list<ComparedGroupProps>
     */
    private static function groups(array $shown, array $periods, ComparisonQuestion $asked): array
    {
        $names = GroupNames::for($asked->by, array_map(strval(...), array_keys($shown)));
        $parts = self::parts($shown, $asked);
        $codes = array_merge(...array_map(static fn (array $ofGroup): array => array_map(strval(...), array_keys($ofGroup)), array_values($parts)));
        $partNames = $asked->then === null ? null : GroupNames::for($asked->then, array_values(array_unique($codes)));
        $groups = [];
        foreach ($shown as $group => $compared) {
            $made = [];
            foreach ($parts[$group] ?? [] as $code => $part) {
                $made[] = new ComparedPartProps((string) $code, $partNames?->nameOf((string) $code) ?? '', ComparedRowProps::of($part->row, $asked->tolerance), self::across($part->periods, $periods, $asked->tolerance));
            }
            $groups[] = new ComparedGroupProps((string) $group, $names->nameOf((string) $group), ComparedRowProps::of($compared->row, $asked->tolerance), $made, count($compared->parts) - count($made), self::across($compared->periods, $periods, $asked->tolerance));
        }

        return $groups;
    }

    /**
     * @param  array<array-key, ComparedGroup>  $shown
     * @return array<array-key, array<array-key, ComparedGroup>> by group, those parts that are shown, in their order
     */
    private static function parts(array $shown, ComparisonQuestion $asked): array
    {
        $then = $asked->then;
        if ($then === null) {
            return [];
        }
        $names = ComparisonOrder::names($then, $asked);

        return array_map(static fn (ComparedGroup $group): array => array_slice(ComparisonOrder::of($group->parts, $then, $asked, $names), 0, self::MOST_PARTS, true), $shown);
    }

    /**
     * @param  array<array-key, ComparisonRow>  $rows
     * @param  list<string>  $periods
     * @return list<ComparedRowProps>
     */
    private static function across(array $rows, array $periods, int $tolerance): array
    {
        return array_map(static fn (string $period): ComparedRowProps => ComparedRowProps::of($rows[$period] ?? ComparisonRow::empty(), $tolerance), $periods);
    }

    private static function scale(Comparison $comparison, ComparisonQuestion $asked): int
    {
        return max([1, ...array_map(static fn (ComparisonRow $row): int => max($row->planned->toInt(), $row->actual->toInt() + ($asked->withPending ? 0 : $row->pending->toInt())), array_values($comparison->rows()))]);
    }

    /**
     * @param  list<string>  $codes
     * @return list<OptionProps>
     */
    private static function options(Grouping $kind, array $codes): array
    {
        $names = $codes === [] ? null : GroupNames::for($kind, $codes);

        return array_map(static fn (string $code): OptionProps => new OptionProps($code, $names?->nameOf($code) ?? $code), $codes);
    }
}
