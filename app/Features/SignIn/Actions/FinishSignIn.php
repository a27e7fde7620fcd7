<?php

declare(strict_types=1);

namespace App\Features\SignIn\Actions;

use App\Features\SecondFactor\Actions\CheckFactor;
use App\Features\SecondFactor\Actions\FactorRefused;
use App\Features\SignIn\PendingSignIn;
use App\Support\Clock\Today;

/** Signs somebody in who has given their password and now enters their second factor. */
final readonly class FinishSignIn
{
    public function __construct(private PendingSignIn $pending, private CheckFactor $check, private SignInSessions $sessions, private FailedSignIns $failed, private Today $today)
    {
    }

    /**
     * @throws FactorRefused if the code is not theirs
     * @throws SignInRefused if it took too long, or their access has ended meanwhile
     */
    public function handle(string $code): void
    {
        $person = $this->pending->person() ?? throw SignInRefused::tooLate();
        try {
            $this->check->handle($person, $code);
        } catch (FactorRefused $refused) {
            $this->failed->tell($person, 'second factor');
            throw $refused;
        }
        if (! $person->hasAccess($this->today->for($person))) {
            throw SignInRefused::ended();
        }
        $method = $this->pending->method();
        $this->pending->forget();
        $this->sessions->begin($person, $method, hasFactor: true);
    }
}
