<?php

declare(strict_types=1);

namespace App\Models;

/** Says nothing of what nobody listens to: that a model boots, and that one was read, which happens hundreds of times for a page. */
trait HearsFewEvents
{
    private const UNHEARD = ['booting', 'booted', 'retrieved'];

    /**
     * @param  string  $event
     * @param  bool  $halt
     */
    protected function fireModelEvent($event, $halt = true): mixed
    {
        return in_array($event, self::UNHEARD, true) ? true : parent::fireModelEvent($event, $halt);
    }
}
