<?php

declare(strict_types=1);

namespace App\Features\MyFigures\Props;

/** Somebody's own figures. */
final readonly class MyFiguresProps
{
    /**
     * @param  string  $period  a rolling period
     * @param  int|null  $expectedToDate  minutes
     * @param  string|null  $utilisation  entered against expected to date, percent with one decimal
     * @param  list<MyGroupProps>  $projects  the largest first, like those below
     * @param  list<MyGroupProps>  $roles
     * @param  list<MyGroupProps>  $months  in their order
     * @param  list<MyGroupProps>  $quarters  in their order
     * @param  list<MyEstimateProps>  $estimates  the latest first
     * @param  string|null  $currency  null where bill value is not shown
     */
    public function __construct(
        public string $period,
        public string $first,
        public string $last,
        public MyGroupProps $total,
        public ?int $expectedToDate,
        public ?string $utilisation,
        public array $projects,
        public array $roles,
        public array $months,
        public array $quarters,
        public array $estimates,
        public ?string $currency,
    ) {
    }
}
