<?php

declare(strict_types=1);

namespace App\Models;

/** Whether files come in or go out. */
enum TransferKind: string
{
    case Import = 'import';
    case Export = 'export';
}
