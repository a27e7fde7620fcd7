<?php

declare(strict_types=1);

namespace App\Models;

enum WebhookState: string
{
    case Waiting = 'waiting';
    case Delivered = 'delivered';
    case GivenUp = 'given up';
}
