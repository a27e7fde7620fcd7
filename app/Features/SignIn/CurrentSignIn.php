<?php

declare(strict_types=1);

namespace App\Features\SignIn;

use App\Models\SignIn;

/** The sign-in that a request came with, and what it may do. Empty where nobody is signed in. */
final class CurrentSignIn
{
    private ?SignIn $signIn = null;

    private bool $needsFactor = false;

    /** @param  bool  $needsFactor  whether the person's access needs a second factor that they do not have */
    public function hold(SignIn $signIn, bool $needsFactor): void
    {
        $this->signIn = $signIn;
        $this->needsFactor = $needsFactor;
    }

    public function id(): ?int
    {
        return $this->signIn?->id;
    }

    public function row(): ?SignIn
    {
        return $this->signIn;
    }

    /** Whether nothing is to be shown before a second factor is set up. */
    public function needsFactor(): bool
    {
        return $this->needsFactor;
    }

    /** Whether the person has confirmed lately that it is them, at this UTC instant (`Y-m-d\TH:i:s\Z`). */
    public function isConfirmed(string $instant): bool
    {
        return $this->signIn !== null && $this->signIn->confirmed_until > $instant;
    }
}
