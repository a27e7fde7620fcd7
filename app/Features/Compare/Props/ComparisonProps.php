<?php

declare(strict_types=1);

namespace App\Features\Compare\Props;

use App\Lookup\Props\OptionProps;
use Moss\Core\Compare\Grouping;
use Moss\Core\Compare\Measure;

/** A comparison: the question as it was understood, and a page of its groups. */
final readonly class ComparisonProps
{
    /**
     * @param  Grouping|null  $then  what the groups are made of
     * @param  Grouping|null  $across  the periods that stand across
     * @param  string  $period  a rolling period, or `to-date`; empty for fixed days
     * @param  string  $internal  `only`, `out`, or empty for in
     * @param  list<OptionProps>  $projects  that it is narrowed to, like those below
     * @param  list<OptionProps>  $people
     * @param  list<OptionProps>  $teams
     * @param  list<OptionProps>  $clients
     * @param  list<OptionProps>  $managers
     * @param  list<OptionProps>  $roles
     * @param  list<OptionProps>  $chargeCodes
     * @param  ComparedFieldProps|null  $field  the own field that it is compared by, or narrowed to
     * @param  list<OptionProps>  $fieldValues  of that field, that it is narrowed to
     * @param  list<ComparedFieldProps>  $ownFields  that it could be compared by
     * @param  string  $billable  `yes`, `no`, or empty for both
     * @param  string  $sort  `attention`, `name` or a measure
     * @param  list<Measure>  $measures  that are shown
     * @param  list<Measure>  $chosen  those and others that do not fit the groupings
     * @param  list<Measure>  $offered  to the reader
     * @param  bool  $hasAll  whether the reader may compare everybody's work
     * @param  list<string>  $periods  that stand across
     * @param  list<ComparedGroupProps>  $groups  of this page
     * @param  ComparedRowProps  $total  of all groups
     * @param  list<ComparedPeriodProps>  $totals  of all groups, one for each period that stands across
     * @param  int  $count  of all groups
     * @param  int  $over  of all groups, like those below
     * @param  int  $scale  minutes that the full width of a bar stands for
     */
    public function __construct(
        public Grouping $by,
        public ?Grouping $then,
        public ?Grouping $across,
        public string $period,
        public string $first,
        public string $last,
        public string $internal,
        public array $projects,
        public array $people,
        public array $teams,
        public array $clients,
        public array $managers,
        public array $roles,
        public array $chargeCodes,
        public ?ComparedFieldProps $field,
        public array $fieldValues,
        public array $ownFields,
        public string $billable,
        public bool $withPending,
        public int $tolerance,
        public string $sort,
        public bool $withLines,
        public bool $hasAll,
        public array $measures,
        public array $chosen,
        public array $offered,
        public string $currency,
        public array $periods,
        public array $groups,
        public ComparedRowProps $total,
        public array $totals,
        public int $count,
        public int $over,
        public int $under,
        public int $unplanned,
        public int $onTrack,
        public int $scale,
        public int $page,
        public int $pages,
        public ?OpenedFigureProps $opened,
    ) {
    }
}
