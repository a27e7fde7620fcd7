<?php

declare(strict_types=1);

namespace App\Pay;

use App\Models\PayRule;
use Moss\Core\Pay\PayWeek;

/** A person's week by kinds of pay, with the rule that holds and the entries that it is of. */
final readonly class PaidWeek
{
    /** @param  list<PayEntry>  $entries */
    public function __construct(public PayWeek $kinds, public PayRule $rule, public array $entries)
    {
    }
}
