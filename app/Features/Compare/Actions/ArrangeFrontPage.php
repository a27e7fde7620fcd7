<?php

declare(strict_types=1);

namespace App\Features\Compare\Actions;

use App\Models\FrontPageComparison;
use App\Models\Person;
use Illuminate\Support\Facades\DB;

/** Puts saved comparisons on the front page of their reader, in the order in which they are given, and no others. */
final class ArrangeFrontPage
{
    /** @param  list<int>  $comparisons */
    public function handle(Person $reader, array $comparisons): void
    {
        DB::transaction(static function () use ($reader, $comparisons): void {
            FrontPageComparison::query()->where('person_id', $reader->id)->delete();
            FrontPageComparison::query()->insert(array_map(
                static fn (int $place, int $comparison): array => ['person_id' => $reader->id, 'saved_comparison_id' => $comparison, 'place' => $place + 1],
                array_keys($comparisons), $comparisons,
            ));
        });
    }
}
