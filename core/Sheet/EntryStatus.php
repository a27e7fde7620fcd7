<?php

declare(strict_types=1);

namespace Moss\Core\Sheet;

use Moss\Core\Review\ApprovalRoute;

/**
 * The state of an entry with the approvals it has had, and every act that moves it.
 *
 * Each act returns the status after it, or refuses. An act that has already taken effect returns the same status,
 * so that a double click or a retry is the same as once.
 */
final readonly class EntryStatus
{
    /** @param  int<0, max>  $approvals  steps of the route already approved; 0 unless submitted */
    private function __construct(public EntryState $state, public int $approvals)
    {
    }

    /** @param  int<0, max>  $approvals */
    public static function of(EntryState $state, int $approvals = 0): self
    {
        return new self($state, $approvals);
    }

    /** @throws ActRefused */
    public function edited(Actor $actor): self
    {
        if (! $actor->isOwner && ! $actor->mayRecord) {
            throw ActRefused::because(Refusal::NotYours);
        }
        $this->mustBeOpen();

        return $this;
    }

    /**
     * @param  bool  $approvesItself  whether the organisation lets this entry, being in order, approve itself
     *
     * @throws ActRefused
     */
    public function submitted(Actor $actor, ApprovalRoute $route, bool $approvesItself): self
    {
        $this->mustBeSubmittableBy($actor);
        if (! $this->state->isOpen()) {
            return $this;
        }

        return $route->isEmpty() || $approvesItself ? new self(EntryState::Approved, 0) : new self(EntryState::Submitted, 0);
    }

    /** @throws ActRefused */
    public function takenBack(Actor $actor): self
    {
        $this->mustBeSubmittableBy($actor);
        if ($this->state === EntryState::Draft) {
            return $this;
        }
        if ($this->state !== EntryState::Submitted || $this->approvals > 0) {
            throw ActRefused::because(Refusal::IsDecided);
        }

        return new self(EntryState::Draft, 0);
    }

    /** @throws ActRefused */
    public function approved(Actor $actor, ApprovalRoute $route): self
    {
        if ($actor->hasDecided && ($this->state->isActual() || ! $actor->isInTurn)) {
            return $this;
        }
        $this->mustBeDecidableBy($actor);
        $approvals = $this->approvals + 1;

        return $approvals >= $route->length() ? new self(EntryState::Approved, 0) : new self(EntryState::Submitted, $approvals);
    }

    /** @throws ActRefused */
    public function returned(Actor $actor, string $comment): self
    {
        if ($actor->hasDecided && $this->state === EntryState::Returned) {
            return $this;
        }
        $this->mustBeDecidableBy($actor);
        if (trim($comment) === '') {
            throw ActRefused::because(Refusal::CommentMissing);
        }

        return new self(EntryState::Returned, 0);
    }

    /**
     * A decision undone by whoever made it: the entry waits again as it did.
     *
     * @param  int<0, max>  $approvals  steps of the route approved before that decision
     * @param  bool  $isUntouched  whether nobody has acted on the entry since
     *
     * @throws ActRefused
     */
    public function undone(Actor $actor, int $approvals, bool $isUntouched): self
    {
        $refusal = match (true) {
            ! $actor->hasDecided => Refusal::NotYourDecision,
            $this->state === EntryState::Settled => Refusal::IsSettled,
            ! $isUntouched => Refusal::ActedOn,
            default => null,
        };
        if ($refusal !== null) {
            throw ActRefused::because($refusal);
        }

        return new self(EntryState::Submitted, $approvals);
    }

    /**
     * Time that approved itself, looked at after all: it waits for whoever would have decided.
     *
     * @param  bool  $isInTime  whether that was no longer ago than it may be reopened
     *
     * @throws ActRefused
     */
    public function reopened(Actor $actor, bool $isInTime): self
    {
        $refusal = match (true) {
            $actor->isOwner => Refusal::OwnTime,
            ! $actor->isInTurn => Refusal::NotYourTurn,
            $this->state === EntryState::Settled => Refusal::IsSettled,
            $this->state !== EntryState::Approved => Refusal::NotApproved,
            ! $isInTime => Refusal::TooLate,
            default => null,
        };
        if ($refusal !== null) {
            throw ActRefused::because($refusal);
        }

        return new self(EntryState::Submitted, 0);
    }

    /**
     * A correction asked for: nothing changes until it is decided.
     *
     * @throws ActRefused
     */
    public function correctionProposed(Actor $actor): self
    {
        $this->mustBeSubmittableBy($actor);
        if (! $this->state->isActual()) {
            throw ActRefused::because($this->state === EntryState::Submitted ? Refusal::WaitsForApproval : Refusal::NotApproved);
        }

        return $this;
    }

    /**
     * A correction accepted: the state stays, whether the values are replaced (approved) or a difference is posted (settled).
     *
     * @throws ActRefused
     */
    public function corrected(Actor $actor): self
    {
        if ($actor->isOwner) {
            throw ActRefused::because(Refusal::OwnTime);
        }
        if (! $this->state->isActual()) {
            throw ActRefused::because(Refusal::NotApproved);
        }
        if (! $actor->isInTurn) {
            throw ActRefused::because(Refusal::NotYourTurn);
        }

        return $this;
    }

    /** @throws ActRefused */
    public function settled(Actor $actor): self
    {
        if (! $actor->isOffice) {
            throw ActRefused::because(Refusal::OfficeOnly);
        }
        if (! $this->state->isActual()) {
            throw ActRefused::because(Refusal::NotApproved);
        }

        return new self(EntryState::Settled, 0);
    }

    private function mustBeSubmittableBy(Actor $actor): void
    {
        if (! $actor->isOwner && ! $actor->maySubmit) {
            throw ActRefused::because(Refusal::NotYours);
        }
    }

    private function mustBeOpen(): void
    {
        $refusal = match ($this->state) {
            EntryState::Draft, EntryState::Returned => null,
            EntryState::Submitted => Refusal::WaitsForApproval,
            EntryState::Approved => Refusal::IsApproved,
            EntryState::Settled => Refusal::IsSettled,
        };
        if ($refusal !== null) {
            throw ActRefused::because($refusal);
        }
    }

    private function mustBeDecidableBy(Actor $actor): void
    {
        $refusal = match (true) {
            $actor->isOwner => Refusal::OwnTime,
            $this->state->isActual() => Refusal::IsDecided,
            $this->state !== EntryState::Submitted => Refusal::NotSubmitted,
            ! $actor->isInTurn => Refusal::NotYourTurn,
            default => null,
        };
        if ($refusal !== null) {
            throw ActRefused::because($refusal);
        }
    }
}
