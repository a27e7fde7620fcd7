<?php

declare(strict_types=1);

namespace Moss\Core\Asking;

use Moss\Core\Calendar\DayRange;
use Moss\Core\Compare\Grouping;
use Moss\Core\Compare\Measure;

/** What was understood of a comparison asked in words; null and empty where nothing was said of it. */
final readonly class Understood
{
    /**
     * @param  string|null  $period  as `RollingPeriod` reads it, or `to-date`
     * @param  DayRange|null  $days  fixed days
     * @param  list<FoundName>  $names  to which it is narrowed
     * @param  bool|null  $internal  whether only internal time, or only other time
     * @param  bool|null  $billable  whether only billable time, or only other time
     * @param  int|null  $tolerance  in percent
     * @param  list<Measure>  $measures
     * @param  list<string>  $unknown  words that mean nothing here, in their order
     * @param  array<string, non-empty-list<FoundName>>  $several  words that mean several things, by the words
     */
    public function __construct(
        public ?Grouping $by = null,
        public ?Grouping $then = null,
        public ?Grouping $across = null,
        public ?string $period = null,
        public ?DayRange $days = null,
        public array $names = [],
        public ?bool $internal = null,
        public ?bool $billable = null,
        public bool $withPending = false,
        public ?int $tolerance = null,
        public array $measures = [],
        public array $unknown = [],
        public array $several = [],
    ) {
    }

    /**
     * The same, and more.
     *
     * @param  array{by?: Grouping|null, then?: Grouping|null, across?: Grouping|null, period?: string|null, days?: DayRange|null, names?: list<FoundName>, internal?: bool|null, billable?: bool|null, withPending?: bool, tolerance?: int|null, measures?: list<Measure>, unknown?: list<string>, several?: array<string, non-empty-list<FoundName>>}  $changes
     */
    public function with(array $changes): self
    {
        return new self(...[
            ...[
                'by' => $this->by, 'then' => $this->then, 'across' => $this->across, 'period' => $this->period, 'days' => $this->days, 'names' => $this->names,
                'internal' => $this->internal, 'billable' => $this->billable, 'withPending' => $this->withPending, 'tolerance' => $this->tolerance,
                'measures' => $this->measures, 'unknown' => $this->unknown, 'several' => $this->several,
            ],
            ...$changes,
        ]);
    }

    /** Whether every word was understood. */
    public function isWhole(): bool
    {
        return $this->unknown === [] && $this->several === [];
    }
}
