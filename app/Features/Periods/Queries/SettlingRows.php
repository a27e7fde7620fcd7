<?php

declare(strict_types=1);

namespace App\Features\Periods\Queries;

use App\Support\Database\Record;
use App\Support\Database\Sql;
use App\Support\Database\StreamedRows;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** What a closing would settle of time or of expenses: how much and, where that is asked for, which. In one query. */
final readonly class SettlingRows
{
    /** Rows of as many numbers in a row are one batch, however few of them are settled. */
    private const BATCH = 4000;

    /**
     * @param  int  $minutes  0 for expenses
     * @param  int  $versions  their sum: whatever changes makes it another
     * @param  list<array{string, int}>  $batches  numbers as a JSON list, and how many there are; none where nobody asked which
     */
    private function __construct(public int $count, public int $minutes, public int $versions, public array $batches)
    {
    }

    /**
     * How much it is.
     *
     * @param  Builder  $rows  with `minutes` and `version`
     */
    public static function summed(Builder $rows): self
    {
        $sum = Record::all(DB::query()->fromSub($rows, 'settling')->select(Sql::count('rows'), Sql::total('minutes', 'minutes'), Sql::total('version', 'versions')))[0];

        return new self($sum->int('rows'), $sum->int('minutes'), $sum->int('versions'), []);
    }

    /**
     * How much it is, and which.
     *
     * @param  Builder  $rows  with `id`, `minutes` and `version`
     */
    public static function listed(Builder $rows): self
    {
        [$count, $minutes, $versions, $batches] = [0, 0, 0, []];
        foreach (StreamedRows::of(DB::query()->fromSub($rows, 'settling')->groupBy(Sql::quotient('id', self::BATCH))
            ->select(Sql::list('id', 'numbers'), Sql::count('size'), Sql::total('minutes', 'minutes'), Sql::total('version', 'versions'))) as $row) {
            /** @var array{string, int, int, int} $row */
            $batches[] = [$row[0], $row[1]];
            $count += $row[1];
            $minutes += $row[2];
            $versions += $row[3];
        }

        return new self($count, $minutes, $versions, $batches);
    }
}
