<?php

declare(strict_types=1);

namespace App\Features\Compare\Queries;

use App\Models\Person;
use App\Support\Files\CsvFile;
use App\Support\Files\SpreadsheetText;
use Moss\Core\Compare\ComparedGroup;

/**
 * All groups of a comparison as CSV, in minutes, in the order of the page: each with what it is made of below it and with
 * its periods beside it, as far as they are asked for; then the total.
 */
final readonly class ComparisonFile
{
    public function __construct(private ComparisonReport $report)
    {
    }

    /** @return iterable<string> line by line */
    public function lines(Person $reader, ComparisonQuestion $asked): iterable
    {
        $terms = $asked->terms;
        $comparison = $this->report->comparison($terms, ComparableWork::of($reader));
        $measures = MeasureColumns::of($terms->fitting());
        $totals = $comparison->periods();
        $periods = array_map(strval(...), array_keys($totals));
        $words = $terms->then === null ? ['group', 'name'] : ['group', 'name', 'part', 'part_name'];
        yield CsvFile::write([[...$words, ...$measures->headings(), ...self::headings($periods)]]);
        $names = GroupNames::for($terms->by);
        $partNames = $terms->then === null ? null : GroupNames::for($terms->then);
        foreach (ComparisonOrder::of($comparison->groups(), $terms->by, $asked, $names) as $code => $group) {
            $called = [SpreadsheetText::guarded((string) $code), SpreadsheetText::guarded($names->nameOf((string) $code))];
            yield CsvFile::write([[...$called, ...$terms->then === null ? [] : ['', ''], ...$measures->cells($group->row), ...self::across($group, $periods)]]);
            foreach ($group->parts as $part => $made) {
                yield CsvFile::write([[...$called, SpreadsheetText::guarded((string) $part), SpreadsheetText::guarded($partNames?->nameOf((string) $part) ?? ''), ...$measures->cells($made->row), ...self::across($made, $periods)]]);
            }
        }
        yield CsvFile::write([['total', ...array_fill(0, count($words) - 1, ''), ...$measures->cells($comparison->total()), ...self::across(new ComparedGroup($comparison->total(), [], $totals), $periods)]]);
    }

    /**
     * @param  list<string>  $periods
     * @return list<string>
     */
    private static function headings(array $periods): array
    {
        return array_merge(...array_map(static fn (string $period): array => [$period.' planned', $period.' actual'], $periods));
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
