<?php

declare(strict_types=1);

namespace App\Features\Compare\Queries;

use App\Support\Database\StreamedRows;

/** The same as merged sums, where one number tells them apart: added up here as they are stored, since the database would sort them first. */
final readonly class AddedSums
{
    /** What may stand beside that number: a plan is a person's or a team's, and time is billable or not. */
    private const BESIDE = ['team_id', 'billable'];

    /** @param  non-empty-list<SumPart>  $parts */
    public static function canBe(array $parts): bool
    {
        $numbers = array_diff(SumPart::columnsOf($parts), self::BESIDE);

        return count($numbers) === 1 && array_intersect($numbers, ['month', 'starts_on']) === [] && array_filter(array_column($parts, 'rows')) !== [];
    }

    /**
     * @param  non-empty-list<SumPart>  $parts
     * @return iterable<object> the columns of all parts, and all sums, which are null where no part has any
     */
    public static function of(array $parts): iterable
    {
        [$columns, $sums] = [SumPart::columnsOf($parts), SumPart::sumsOf($parts)];
        [$first, $last] = [count($columns), count($columns) + count($sums) - 1];
        $added = [];
        foreach ($parts as $part) {
            foreach (StreamedRows::of($part->inOrder($part->rows ?? $part->query, $columns, $sums)) as $row) {
                $key = implode(' ', array_slice($row, 0, $first));
                if (! isset($added[$key])) {
                    $added[$key] = $row;

                    continue;
                }
                for ($place = $first; $place <= $last; $place++) {
                    if ($row[$place] !== null) {
                        $added[$key][$place] = (int) $added[$key][$place] + (int) $row[$place];
                    }
                }
            }
        }
        $names = [...$columns, ...$sums];
        foreach ($added as $values) {
            yield (object) array_combine($names, $values);
        }
    }
}
