<?php

declare(strict_types=1);

namespace App\Features\Messages\Actions;

use Moss\Core\Calendar\Day;

/** The part of a person's day in which they may be mailed, once. */
final readonly class MailSlot
{
    public function __construct(public Day $day, public bool $isEvening)
    {
    }

    /** The same for the same part of the same day. */
    public function key(): string
    {
        return $this->day->toString().($this->isEvening ? ' evening' : ' morning');
    }
}
