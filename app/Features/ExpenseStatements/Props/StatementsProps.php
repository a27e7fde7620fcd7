<?php

declare(strict_types=1);

namespace App\Features\ExpenseStatements\Props;

use App\Lookup\Props\OptionProps;
use App\Models\ExpenseStatementKind;

/** What is outstanding, and the statements that were made. */
final readonly class StatementsProps
{
    /**
     * @param  OptionProps|null  $client  who is charged; null while none is chosen
     * @param  list<OutstandingProps>  $outstanding  by name and currency
     * @param  int  $left  how many more names and currencies there are
     * @param  int  $expenses  how many are outstanding
     * @param  string  $sum  of all of them, in the organisation's currency
     * @param  string  $seen  by which what is outstanding is recognised
     * @param  list<StatementProps>  $statements  the newest first
     */
    public function __construct(
        public ExpenseStatementKind $kind,
        public ?OptionProps $client,
        public string $until,
        public array $outstanding,
        public int $left,
        public int $expenses,
        public string $sum,
        public string $seen,
        public string $currency,
        public array $statements,
        public int $page,
        public int $pages,
    ) {
    }
}
