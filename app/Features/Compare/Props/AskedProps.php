<?php

declare(strict_types=1);

namespace App\Features\Compare\Props;

use Moss\Core\Compare\Grouping;
use Moss\Core\Compare\Measure;

/** What was understood of a comparison asked in words. */
final readonly class AskedProps
{
    /**
     * @param  string  $address  what would be compared, as the part of an address after its question mark
     * @param  string  $period  a rolling period, `to-date`, or empty for fixed days
     * @param  list<string>  $names  to which it is narrowed
     * @param  string  $internal  `only`, `out`, or empty
     * @param  string  $billable  `yes`, `no`, or empty
     * @param  list<Measure>  $measures  that would be shown
     * @param  list<Measure>  $notOffered  that were asked for, but are not for the reader
     * @param  list<string>  $unknown  words that mean nothing here
     * @param  list<string>  $several  words that mean several things
     * @param  list<string>  $meanings  what each of those may mean
     */
    public function __construct(
        public string $address,
        public Grouping $by,
        public ?Grouping $then,
        public ?Grouping $across,
        public string $period,
        public string $first,
        public string $last,
        public array $names,
        public string $internal,
        public string $billable,
        public bool $withPending,
        public ?int $tolerance,
        public array $measures,
        public array $notOffered,
        public array $unknown,
        public array $several,
        public array $meanings,
    ) {
    }
}
