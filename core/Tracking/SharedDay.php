<?php

declare(strict_types=1);

namespace Moss\Core\Tracking;

/**
 * What two systems have of one person's time on one task and day, brought together.
 *
 * Each side's changes since the last time are added on the other: what the other system has more or less than is counted here
 * changes what is entered, and what is entered more or less than is counted changes what the other system has. So both end equal,
 * whatever happened on either side meanwhile, and nothing counts twice.
 */
final readonly class SharedDay
{
    /**
     * @param  int<0, max>  $entered  minutes that are entered here
     * @param  list<SharedTime>  $times
     */
    public function __construct(public int $entered, public array $times)
    {
    }

    /**
     * Time that was pencilled becomes part of what is entered: where something was entered over it, as that has it; else as a change.
     *
     * @param  bool  $staysPencilled  whether the person wants to ink it themselves
     */
    public function accepting(bool $staysPencilled): self
    {
        return new self($this->entered, array_map(fn (SharedTime $time): SharedTime => match (true) {
            $time->isAccepted => $time,
            $staysPencilled && $this->entered > 0 => $time->counted(),
            $staysPencilled => $time,
            default => $time->accepted(),
        }, $this->times));
    }

    /** By how many minutes the other system's changes change what is entered, which does not fall below 0. */
    public function growth(): int
    {
        $growth = 0;
        foreach ($this->times as $time) {
            $growth += $time->isAccepted ? $time->there - $time->counted : 0;
        }

        return max(-$this->entered, $growth);
    }

    /** Once what is entered has grown by that. */
    public function grown(): self
    {
        return new self(max(0, $this->entered + $this->growth()), array_map(static fn (SharedTime $time): SharedTime => $time->isAccepted ? $time->counted() : $time, $this->times));
    }

    /**
     * What the other system has to have instead, so that it has what was changed here: more on our own time there, less on that first
     * and then on what came last.
     *
     * @return array<int, int> minutes by id of the time; 0 for a new one
     */
    public function changesThere(): array
    {
        $accepted = array_values(array_filter($this->times, static fn (SharedTime $time): bool => $time->isAccepted));
        $difference = $this->entered - array_sum(array_map(static fn (SharedTime $time): int => $time->counted, $accepted));
        usort($accepted, static fn (SharedTime $one, SharedTime $other): int => [$other->isOurs, $other->id] <=> [$one->isOurs, $one->id]);
        if ($difference > 0) {
            $ours = array_values(array_filter($accepted, static fn (SharedTime $time): bool => $time->isOurs))[0] ?? null;

            return [$ours->id ?? 0 => ($ours->there ?? 0) + $difference];
        }
        $changes = [];
        foreach ($accepted as $time) {
            $less = min($time->there, -$difference);
            if ($less > 0) {
                $changes[$time->id] = $time->there - $less;
                $difference += $less;
            }
        }

        return $changes;
    }
}
