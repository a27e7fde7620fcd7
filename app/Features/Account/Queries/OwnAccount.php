<?php

declare(strict_types=1);

namespace App\Features\Account\Queries;

use App\Features\AccessTokens\Queries\OwnTokens;
use App\Features\Account\Props\AccountProps;
use App\Features\Account\Props\SignInRowProps;
use App\Features\SecondFactor\Queries\FactorState;
use App\Features\SignIn\CurrentSignIn;
use App\Features\SignIn\Props\SignInProps;
use App\Features\SignIn\SignedInPeople;
use App\Models\AccessRight;
use App\Models\Person;
use App\Models\SignIn;
use App\Support\Clock\Today;

/** A person's own account. */
final readonly class OwnAccount
{
    public function __construct(private CurrentSignIn $current, private FactorState $factor, private OwnTokens $tokens, private Today $today)
    {
    }

    /** @param  string|null  $newToken  the token that was just created */
    public function of(Person $person, ?string $newToken): AccountProps
    {
        $signIns = SignIn::query()->where('person_id', $person->id)->where('started_at', '>=', SignedInPeople::earliestStart($this->today))->orderByDesc('last_seen_at')->orderByDesc('id')->get();

        return new AccountProps(
            $person->email,
            $person->password !== null,
            $this->current->isConfirmed($this->today->instant()->format('Y-m-d\TH:i:s\Z')),
            $this->factor->of($person),
            array_values($signIns->map(fn (SignIn $signIn): SignInRowProps => new SignInRowProps(
                $signIn->id, $signIn->started_at, $signIn->last_seen_at ?? $signIn->started_at, $signIn->method, BrowserName::of($signIn->browser), $signIn->network_address, $signIn->id === $this->current->id(),
            ))->all()),
            $this->tokens->of($person),
            $person->isOffice(),
            AccessRight::cases(),
            $newToken,
            SignInProps::singleSignOnName(),
            SignedInPeople::LONGEST_DAYS,
            intdiv(config()->integer('session.lifetime'), 60),
        );
    }
}
