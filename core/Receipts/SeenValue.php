<?php

declare(strict_types=1);

namespace Moss\Core\Receipts;

/**
 * Something read from a receipt: the value, the line it stands on, and how sure that is.
 */
final readonly class SeenValue
{
    /**
     * @param  string  $value  a day as `2026-06-17`, an amount as `1234.50`, a code of a currency, or a name
     * @param  int  $line  from 1
     * @param  string  $seen  that line, shortened
     * @param  int  $sureness  percent, 1 to 99
     */
    public function __construct(public string $value, public int $line, public string $seen, public int $sureness)
    {
    }
}
