<?php

declare(strict_types=1);

namespace App\Models;

/** What time is settled for: a client is billed for it, or people are paid for it. */
enum BillingKind: string
{
    case Bill = 'bill';
    case Payroll = 'payroll';
}
