<?php

declare(strict_types=1);

namespace Moss\Core\Timer;

use DateTimeImmutable;

/**
 * One stretch that a timer ran without a pause, from an instant up to another.
 */
final readonly class TimerRun
{
    /** @param  DateTimeImmutable|null  $ended  null while it runs */
    public function __construct(public DateTimeImmutable $started, public ?DateTimeImmutable $ended)
    {
    }

    public function endedBy(DateTimeImmutable $now): DateTimeImmutable
    {
        return max($this->started, $this->ended ?? $now);
    }

    /** Whole seconds up to now; a clock that went backwards measures nothing. */
    public function seconds(DateTimeImmutable $now): int
    {
        return $this->endedBy($now)->getTimestamp() - $this->started->getTimestamp();
    }
}
