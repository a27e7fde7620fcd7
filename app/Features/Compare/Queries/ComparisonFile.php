<?php

declare(strict_types=1);

namespace App\Features\Compare\Queries;

use App\Models\Person;
use App\Support\Files\CsvFile;
use App\Support\Files\SpreadsheetText;
use Moss\Core\Calendar\Day;
use Moss\Core\Compare\ComparedGroup;
use Moss\Core\Compare\ComparisonRow;

/**
 * All groups of a comparison as CSV, in minutes, in the order of the page: each with what it is made of below it and with
 * its periods beside it, as far as they are asked for; then the total.
 */
final readonly class ComparisonFile
{
    private const FIGURES = ['planned', 'planned_to_date', 'actual', 'pending', 'variance', 'variance_pct'];

    public function __construct(private ComparisonReport $report)
    {
    }

    /** @return iterable<string> line by line */
    public function lines(Person $reader, ComparisonQuestion $asked, Day $today): iterable
    {
        $comparison = $this->report->comparison($asked->by, $asked->selection, $asked->days, $today, $asked->withPending, ComparableWork::of($reader), $asked->then, $asked->across);
        $totals = $comparison->periods();
        $periods = array_map(strval(...), array_keys($totals));
        $words = $asked->then === null ? ['group', 'name'] : ['group', 'name', 'part', 'part_name'];
        yield CsvFile::write([[...$words, ...self::FIGURES, ...self::headings($periods)]]);
        $names = GroupNames::for($asked->by);
        $partNames = $asked->then === null ? null : GroupNames::for($asked->then);
        foreach (ComparisonOrder::of($comparison->groups(), $asked->by, $asked, $names) as $code => $group) {
            $called = [(string) $code, SpreadsheetText::guarded($names->nameOf((string) $code))];
            yield CsvFile::write([[...$called, ...$asked->then === null ? [] : ['', ''], ...self::figures($group->row), ...self::across($group, $periods)]]);
            foreach ($group->parts as $part => $made) {
                yield CsvFile::write([[...$called, (string) $part, SpreadsheetText::guarded($partNames?->nameOf((string) $part) ?? ''), ...self::figures($made->row), ...self::across($made, $periods)]]);
            }
        }
        yield CsvFile::write([['total', ...array_fill(0, count($words) - 1, ''), ...self::figures($comparison->total()), ...self::across(new ComparedGroup($comparison->total(), [], $totals), $periods)]]);
    }

    /**
     * @param  list<string>  $periods
     * @return list<string>
     */
    private static function headings(array $periods): array
    {
        return array_merge(...array_map(static fn (string $period): array => [$period.' planned', $period.' actual'], $periods));
    }

    /** @return list<string> */
    private static function figures(ComparisonRow $row): array
    {
        return array_map(strval(...), [$row->planned->toInt(), $row->plannedToDate->toInt(), $row->actual->toInt(), $row->pending->toInt(), $row->variance()->toInt(), (string) $row->variancePercentage()]);
    }

    /**
     * @param  list<string>  $periods
     * @return list<string>
     */
    private static function across(ComparedGroup $group, array $periods): array
    {
        return array_merge(...array_map(static fn (string $period): array => isset($group->periods[$period])
            ? [(string) $group->periods[$period]->planned->toInt(), (string) $group->periods[$period]->actual->toInt()]
            : ['0', '0'], $periods));
    }
}
