<?php

declare(strict_types=1);

namespace App\Models;

/** How often somebody is reminded of receipts that wait to be confirmed. */
enum ReceiptReminder: string
{
    case Never = 'never';
    case Daily = 'daily';
    case Weekly = 'weekly';
}
