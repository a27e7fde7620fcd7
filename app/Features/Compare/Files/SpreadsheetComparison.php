<?php

declare(strict_types=1);

namespace App\Features\Compare\Files;

use App\Support\Files\Spreadsheet\SheetCell;
use App\Support\Files\Spreadsheet\SpreadsheetFile;
use App\Support\Language\Wording;
use Moss\Core\Compare\ComparisonRow;
use Moss\Core\Compare\Grouping;
use Moss\Core\Compare\Measure;
use Moss\Core\Time\Minutes;

/** A comparison as rows of a spreadsheet, in hours: what it is of, then groups and what they are made of, then the total. */
final class SpreadsheetComparison
{
    /** @return string path of the file */
    public static function write(SpreadsheetFile $file, ComparisonLines $comparison, ComparisonHeading $heading, string $currency): string
    {
        $file->add(self::rows($comparison, $heading, $currency));

        return $file->finish();
    }

    /** @return iterable<list<SheetCell>> */
    private static function rows(ComparisonLines $comparison, ComparisonHeading $heading, string $currency): iterable
    {
        $terms = $comparison->asked->terms;
        $measures = $terms->fitting();
        yield [SheetCell::heading($heading->title)];
        yield [SheetCell::text($heading->period)];
        foreach ($heading->filters as $filter) {
            yield [SheetCell::text($filter)];
        }
        yield [SheetCell::text($heading->made)];
        yield [];
        $across = $terms->across;
        $periods = $across === null ? [] : array_merge(...array_map(static fn (string $period): array => array_map(
            static fn (string $figure): SheetCell => SheetCell::heading(Wording::of('compare.'.$figure, ['period' => GroupWords::of($across, $period, $period)])), ['planned_in', 'actual_in'],
        ), $comparison->periods));
        $names = array_map(static fn (Grouping $grouping): SheetCell => SheetCell::heading(GroupWords::grouping($grouping, $terms)), $terms->then === null ? [$terms->by] : [$terms->by, $terms->then]);
        yield [...$names, ...array_map(static fn (Measure $measure): SheetCell => SheetCell::heading(MeasureWords::heading($measure, $currency)), $measures), ...$periods];
        foreach ($comparison->lines() as $line) {
            $called = [SheetCell::text(GroupWords::ofGroup($terms, $line)), ...$terms->then === null ? [] : [SheetCell::text(GroupWords::ofPart($terms, $line))]];
            $cells = [...$called, ...self::figures($measures, $line->row), ...self::across($line->periods, $comparison->periods)];
            yield $terms->then !== null && $line->part === null ? self::bold($cells) : $cells;
        }
        yield self::bold([SheetCell::text(Wording::of('compare.total')), ...$terms->then === null ? [] : [SheetCell::text('')], ...self::figures($measures, $comparison->total()), ...self::across($comparison->totals(), $comparison->periods)]);
    }

    /**
     * @param  list<Measure>  $measures
     * @return list<SheetCell>
     */
    private static function figures(array $measures, ComparisonRow $row): array
    {
        return array_map(static fn (Measure $measure): SheetCell => MeasureWords::cell($measure, $row), $measures);
    }

    /**
     * @param  array<array-key, ComparisonRow>  $rows
     * @param  list<string>  $periods
     * @return list<SheetCell>
     */
    private static function across(array $rows, array $periods): array
    {
        return array_merge(...array_map(static function (string $period) use ($rows): array {
            $row = $rows[$period] ?? ComparisonRow::empty();

            return [SheetCell::hours(Minutes::of($row->planned)), SheetCell::hours(Minutes::of($row->actual))];
        }, $periods));
    }

    /**
     * @param  list<SheetCell>  $cells
     * @return list<SheetCell>
     */
    private static function bold(array $cells): array
    {
        return array_map(static fn (SheetCell $cell): SheetCell => $cell->bold(), $cells);
    }
}
