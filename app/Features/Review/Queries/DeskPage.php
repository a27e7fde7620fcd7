<?php

declare(strict_types=1);

namespace App\Features\Review\Queries;

use App\Features\Review\Props\GroupProps;
use App\Features\Review\Props\SumProps;

/** A page of the groups of the review desk. */
final readonly class DeskPage
{
    /**
     * @param  list<GroupProps>  $groups
     * @param  array<array-key, SumProps>  $sums  of those groups, by key
     * @param  SumProps  $sum  of all groups, also of those on other pages
     * @param  int  $count  how many groups there are in all
     * @param  int  $number  of the page, from 1
     */
    public function __construct(public array $groups, public array $sums, public SumProps $sum, public int $count, public int $number)
    {
    }
}
