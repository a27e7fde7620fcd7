<?php

declare(strict_types=1);

namespace App\Features\Messages\Props;

use App\Models\MessageKind;

/** How one kind of message comes. */
final readonly class NotificationSettingProps
{
    public function __construct(public MessageKind $kind, public bool $inApp, public bool $byMail)
    {
    }
}
