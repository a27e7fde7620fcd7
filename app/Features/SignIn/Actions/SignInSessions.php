<?php

declare(strict_types=1);

namespace App\Features\SignIn\Actions;

use App\Features\SignIn\SignedInPeople;
use App\Models\Person;
use App\Models\SignIn;
use App\Support\Clock\Today;
use Illuminate\Contracts\Auth\StatefulGuard;
use Illuminate\Contracts\Session\Session;

/**
 * Begins and ends what people are signed in with. A session counts only while its row in `sign_ins` exists, so that a
 * session file which a late request writes once more opens nothing.
 */
final readonly class SignInSessions
{
    public function __construct(private StatefulGuard $guard, private Session $session, private Today $today)
    {
    }

    public function begin(Person $person): void
    {
        $this->guard->login($person);
        $this->session->regenerate();
        $key = bin2hex(random_bytes(32));
        SignIn::query()->where('person_id', $person->id)->where('started_at', '<', SignedInPeople::earliestStart($this->today))->delete();
        SignIn::query()->create([
            'person_id' => $person->id,
            'key_hash' => hash('sha256', $key),
            'password_hash' => SignedInPeople::passwordHash($person),
            'started_at' => $this->today->now()->format('Y-m-d\TH:i:s\Z'),
        ]);
        $this->session->put(SignedInPeople::KEY, $key);
    }

    /** Ends the sign-in of the browser that asks. */
    public function end(): void
    {
        $key = $this->session->get(SignedInPeople::KEY);
        if (is_string($key)) {
            SignIn::query()->where('key_hash', hash('sha256', $key))->delete();
        }
        $this->guard->logout();
        $this->session->invalidate();
        $this->session->regenerateToken();
    }
}
