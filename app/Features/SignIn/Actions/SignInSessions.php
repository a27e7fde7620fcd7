<?php

declare(strict_types=1);

namespace App\Features\SignIn\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Features\SignIn\CurrentSignIn;
use App\Features\SignIn\SignedInPeople;
use App\Models\Person;
use App\Models\SignIn;
use App\Models\SignInMethod;
use App\Support\Clock\Today;
use Illuminate\Contracts\Auth\StatefulGuard;
use Illuminate\Contracts\Session\Session;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

/**
 * Begins and ends what people are signed in with. A session counts only while its row in `sign_ins` exists, so that a
 * session file which a late request writes once more opens nothing.
 */
final readonly class SignInSessions
{
    /** For so long after signing in, or confirming, people change how they sign in without confirming again. */
    private const CONFIRMED_MINUTES = 15;

    private const LONGEST_BROWSER = 300;

    public function __construct(
        private StatefulGuard $guard,
        private Session $session,
        private Request $request,
        private CurrentSignIn $current,
        private Today $today,
        private AuditTrail $auditTrail,
    ) {
    }

    /** @param  bool  $hasFactor  whether a second factor was given, here or where the person signed in */
    public function begin(Person $person, SignInMethod $method, bool $hasFactor = false): void
    {
        $this->guard->login($person);
        $this->session->regenerate();
        $key = bin2hex(random_bytes(32));
        $now = $this->today->now()->format('Y-m-d\TH:i:s\Z');
        DB::transaction(function () use ($person, $method, $hasFactor, $key, $now): void {
            SignIn::query()->where('person_id', $person->id)->where('started_at', '<', SignedInPeople::earliestStart($this->today))->delete();
            SignIn::query()->create([
                'person_id' => $person->id,
                'key_hash' => hash('sha256', $key),
                'password_hash' => SignedInPeople::passwordHash($person),
                'started_at' => $now,
                'last_seen_at' => $now,
                'method' => $method,
                'has_factor' => $hasFactor,
                'confirmed_until' => $this->confirmedUntil(),
                'network_address' => (string) $this->request->ip(),
                'browser' => mb_strimwidth(mb_scrub((string) $this->request->userAgent()), 0, self::LONGEST_BROWSER),
            ]);
            $this->tell($person, 'sign in', ['method' => $method->value, 'second factor' => $hasFactor ? 'yes' : 'no', 'network address' => (string) $this->request->ip()]);
        });
        $this->session->put(SignedInPeople::KEY, $key);
    }

    /**
     * The person has shown again that it is them.
     *
     * @param  bool  $hasFactor  whether by their second factor
     */
    public function confirm(bool $hasFactor = false): void
    {
        SignIn::query()->whereKey($this->current->id())->update(['confirmed_until' => $this->confirmedUntil()] + ($hasFactor ? ['has_factor' => true] : []));
        $this->session->regenerate();
    }

    /** Ends the sign-in of the browser that asks. */
    public function end(): void
    {
        $key = $this->session->get(SignedInPeople::KEY);
        $person = $this->guard->user();
        if (is_string($key) && $person instanceof Person) {
            DB::transaction(function () use ($key, $person): void {
                SignIn::query()->where('key_hash', hash('sha256', $key))->delete();
                $this->tell($person, 'sign out', null);
            });
        }
        $this->guard->logout();
        $this->session->invalidate();
        $this->session->regenerateToken();
    }

    /** Ends one sign-in of a person, or all but the one that asks. */
    public function endOthers(Person $person, ?int $only = null): void
    {
        DB::transaction(function () use ($person, $only): void {
            $ended = SignIn::query()->where('person_id', $person->id)->whereKeyNot($this->current->id())
                ->when($only !== null, static fn ($query) => $query->whereKey($only))->delete();
            if (is_int($ended) && $ended > 0) {
                $this->tell($person, 'end sign-ins', ['ended' => $ended]);
            }
        });
    }

    private function confirmedUntil(): string
    {
        return $this->today->instant()->modify('+'.self::CONFIRMED_MINUTES.' minutes')->format('Y-m-d\TH:i:s\Z');
    }

    /** @param  array<string, string|int|null>|null  $after */
    private function tell(Person $person, string $act, ?array $after): void
    {
        $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Access, $person->code, $act, $person, null, $after, $person->id)]);
    }
}
