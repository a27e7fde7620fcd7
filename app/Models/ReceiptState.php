<?php

declare(strict_types=1);

namespace App\Models;

/** Whether somebody has looked what stands on a receipt. */
enum ReceiptState: string
{
    case Unread = 'unread';
    case Read = 'read';
}
