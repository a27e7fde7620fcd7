<?php

declare(strict_types=1);

namespace App\Features\Compare\Props;

/** What an opened figure is made of: tasks and people, and entries where it has any. */
final readonly class OpenedFigureProps
{
    /**
     * @param  list<OpenedNameProps>  $names  of the group, its part and the period, as far as they are asked for; none for the whole
     * @param  list<OpenedPartProps>  $parts  the largest first
     * @param  int  $allParts  also those that are not shown
     * @param  list<ComparedEntryProps>  $entries  the latest first
     * @param  int  $allEntries  also those that are not shown
     * @param  list<ComparedExpenseProps>  $expenses  of money, the latest first
     * @param  int  $allExpenses  also those that are not shown
     */
    public function __construct(
        public array $names,
        public MeasureValueProps $value,
        public array $parts,
        public int $allParts,
        public array $entries,
        public int $allEntries,
        public array $expenses,
        public int $allExpenses,
    ) {
    }
}
