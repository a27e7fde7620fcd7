<?php

declare(strict_types=1);

namespace App\Features\Compare\Files;

use App\Support\Files\CsvFile;
use App\Support\Files\SpreadsheetText;
use Moss\Core\Compare\ComparisonRow;

/** A comparison as CSV, in minutes: groups, what they are made of, periods beside them, then the total. */
final class CsvComparison
{
    /** @return iterable<string> line by line */
    public static function lines(ComparisonLines $comparison): iterable
    {
        $terms = $comparison->asked->terms;
        $measures = MeasureColumns::of($terms->fitting());
        $words = $terms->then === null ? ['group', 'name'] : ['group', 'name', 'part', 'part_name'];
        $periods = array_merge(...array_map(static fn (string $period): array => [$period.' planned', $period.' actual'], $comparison->periods));
        yield CsvFile::write([[...$words, ...$measures->headings(), ...$periods]]);
        foreach ($comparison->lines() as $line) {
            $called = [$line->group, $line->name, ...$terms->then === null ? [] : [$line->part ?? '', $line->partName]];
            yield CsvFile::write([[...array_map(SpreadsheetText::guarded(...), $called), ...$measures->cells($line->row), ...self::across($line->periods, $comparison->periods)]]);
        }
        yield CsvFile::write([['total', ...array_fill(0, count($words) - 1, ''), ...$measures->cells($comparison->total()), ...self::across($comparison->totals(), $comparison->periods)]]);
    }

    /**
     * @param  array<array-key, ComparisonRow>  $rows
     * @param  list<string>  $periods
     * @return list<string>
     */
    private static function across(array $rows, array $periods): array
    {
        return array_merge(...array_map(static fn (string $period): array => isset($rows[$period])
            ? [(string) $rows[$period]->planned, (string) $rows[$period]->actual]
            : ['0', '0'], $periods));
    }
}
