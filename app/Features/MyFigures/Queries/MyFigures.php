<?php

declare(strict_types=1);

namespace App\Features\MyFigures\Queries;

use App\Features\Compare\Queries\OwnComparison;
use App\Features\MyFigures\Props\MyFiguresProps;
use App\Features\MyFigures\Props\MyGroupProps;
use App\Models\Organisation;
use App\Models\Person;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Compare\Comparison;
use Moss\Core\Compare\ComparisonRow;
use Moss\Core\Compare\Grouping;
use Moss\Core\Compare\Measure;

/** Somebody's own hours in a period, by project, role, month and quarter, and how their estimates turned out. */
final readonly class MyFigures
{
    public function __construct(private OwnComparison $own, private OwnEstimates $estimates)
    {
    }

    public function of(Person $person, string $period, DayRange $days, Day $today): MyFiguresProps
    {
        $organisation = Organisation::query()->sole();
        $shows = $organisation->shows_bill_value;
        $of = [Measure::Actual, Measure::BillableShare, ...$shows ? [Measure::BillValue] : []];
        $months = $this->own->by($person, Grouping::Month, $days, $today, [...$of, Measure::Expected]);
        $total = $months->total();

        return new MyFiguresProps(
            $period, $days->first()->toString(), $days->last()->toString(),
            self::group('', '', $total, $shows),
            $total->attendance?->expectedToDate->toInt(),
            Measure::Utilisation->percentageOf($total),
            self::largest(self::groups($this->own->by($person, Grouping::Project, $days, $today, $of), Grouping::Project, $shows)),
            self::largest(self::groups($this->own->by($person, Grouping::Role, $days, $today, $of), Grouping::Role, $shows)),
            self::groups($months, Grouping::Month, $shows),
            self::groups($this->own->by($person, Grouping::Quarter, $days, $today, [...$of, Measure::Expected]), Grouping::Quarter, $shows),
            $this->estimates->of($person),
            $shows ? $organisation->currency : null,
        );
    }

    /** @return list<MyGroupProps> those with time, or of which some is expected */
    private static function groups(Comparison $comparison, Grouping $by, bool $shows): array
    {
        $rows = array_filter($comparison->rows(), static fn (ComparisonRow $row): bool => $row->actual !== 0 || ! ($row->attendance === null || $row->attendance->expected->isZero()));
        $codes = array_map(strval(...), array_keys($rows));
        $names = $codes === [] ? [] : OwnComparison::names($by, $codes);

        return array_map(static fn (string $code): MyGroupProps => self::group($code, $names[$code] ?? $code, $rows[$code], $shows), $codes);
    }

    private static function group(string $code, string $name, ComparisonRow $row, bool $shows): MyGroupProps
    {
        // Pending time is counted here; it is as much one's own.
        return new MyGroupProps(
            $code, $name, $row->actual, $row->pending, $row->billable ?? 0, Measure::BillableShare->percentageOf($row),
            $row->attendance?->expected->toInt(), $shows ? Measure::BillValue->amountOf($row) : null,
        );
    }

    /**
     * @param  list<MyGroupProps>  $groups
     * @return list<MyGroupProps>
     */
    private static function largest(array $groups): array
    {
        usort($groups, static fn (MyGroupProps $one, MyGroupProps $other): int => [$other->entered, $one->code] <=> [$one->entered, $other->code]);

        return $groups;
    }
}
