<?php

declare(strict_types=1);

namespace Moss\Core\Effort;

use Moss\Core\Calendar\Day;
use Moss\Core\Planning\Holder;
use Moss\Core\Time\Minutes;

/**
 * Takes somebody's word on what is left of a task.
 */
final readonly class Restating
{
    /** @param  Minutes  $tolerance  by how much a word may depart from what the rule says remains without a reason */
    public function __construct(private TaskEffort $effort, private Minutes $tolerance)
    {
    }

    /**
     * So much is left beyond all that is entered, also of days to come. The restatement speaks of the end of the day, when
     * what is entered for later days was still left.
     *
     * @throws RestatementRefused
     */
    public function left(string $person, ?string $team, Day $on, Minutes $left, string $reason): Restatement
    {
        $holding = $this->holding($person, $team);
        $before = $holding->isDone() ? Minutes::zero() : $holding->remaining();
        $departs = abs($left->minus($before)->toInt());
        if ($departs > $this->tolerance->toInt() && trim($reason) === '') {
            throw RestatementRefused::because(RestatementFault::NoReason);
        }

        return new Restatement($person, $team, $on, $left->plus($holding->enteredAfter($on)), false);
    }

    /**
     * The person, or the team whose holding it is, has nothing left to do.
     *
     * @throws RestatementRefused
     */
    public function done(string $person, ?string $team, Day $on): Restatement
    {
        $this->holding($person, $team);

        return new Restatement($person, $team, $on, Minutes::zero(), true);
    }

    /**
     * Whether the task may be declared done for all: by anybody who holds it while nobody else has anything left; by its
     * project manager also then, having said that the rest of the others is given up.
     *
     * @param  Holder|null  $holder  who says so; null for a project manager who holds nothing of it
     *
     * @throws RestatementRefused
     */
    public function mayBeDone(?Holder $holder, bool $isManager, bool $isConfirmed): void
    {
        $others = $this->othersWithRest($holder);
        if ($others !== [] && ! $isManager) {
            throw RestatementRefused::overOthers(RestatementFault::OthersHaveLeft, $others);
        }
        if ($others !== [] && ! $isConfirmed) {
            throw RestatementRefused::overOthers(RestatementFault::NotConfirmed, $others);
        }
    }

    /**
     * Who else has something left; no holder stands for unassigned hours.
     *
     * @return list<HolderFigures>
     */
    public function othersWithRest(?Holder $holder): array
    {
        $parts = Forecasting::ofMinutes()->ofHolders($this->effort);

        return array_values(array_filter($parts, static fn (HolderFigures $part): bool => ! $part->figures->remaining->isZero()
            && ($holder === null || $part->holder === null || $part->holder->key() !== $holder->key())));
    }

    /** @throws RestatementRefused */
    private function holding(string $person, ?string $team): Holding
    {
        if ($this->effort->task->doneOn !== null) {
            throw RestatementRefused::because(RestatementFault::TaskDone);
        }

        return $this->effort->holdingOf($person, $team) ?? throw RestatementRefused::because(RestatementFault::NotHeld);
    }
}
