<?php

declare(strict_types=1);

namespace App\Features\ExpenseStatements\Props;

/** A statement that was made. */
final readonly class StatementProps
{
    public function __construct(
        public int $id,
        public ?string $client,
        public string $from,
        public string $until,
        public string $madeBy,
        public string $madeAt,
        public int $expenses,
        public string $amount,
    ) {
    }
}
