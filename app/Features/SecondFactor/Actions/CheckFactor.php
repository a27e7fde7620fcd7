<?php

declare(strict_types=1);

namespace App\Features\SecondFactor\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Models\Person;
use App\Models\RecoveryCode;
use App\Models\SecondFactor;
use App\Support\Clock\Today;
use App\Support\Secrets\Base32;
use App\Support\Secrets\TimeBasedCode;
use Illuminate\Contracts\Cache\LockTimeoutException;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\RateLimiter;

/** Reads a code of a person's app, or one of their recovery codes. Each is good once. */
final readonly class CheckFactor
{
    /** Attempts on one person from anywhere, and within how many seconds. */
    private const MOST_ATTEMPTS = 8;

    private const WITHIN_SECONDS = 900;

    private const LOCK_SECONDS = 5;

    public function __construct(private Today $today, private AuditTrail $auditTrail)
    {
    }

    /** @throws FactorRefused if the code is not theirs, was used before, or there were too many attempts */
    public function handle(Person $person, string $entered): void
    {
        $counter = 'second-factor:'.$person->id;
        $this->count($counter);
        $code = strtoupper((string) preg_replace('/[^0-9A-Za-z]/', '', $entered));
        $isRight = DB::transaction(fn (): bool => strlen($code) === TimeBasedCode::DIGITS ? $this->useCode($person, $code) : $this->useRecoveryCode($person, $code));
        if (! $isRight) {
            throw FactorRefused::wrong();
        }
        RateLimiter::clear($counter);
    }

    /**
     * Under a lock, so that many sent at once are not more than many sent one by one.
     *
     * @throws FactorRefused once there were too many
     */
    private function count(string $counter): void
    {
        try {
            Cache::lock($counter.':lock', self::LOCK_SECONDS)->block(self::LOCK_SECONDS, static function () use ($counter): void {
                if (RateLimiter::tooManyAttempts($counter, self::MOST_ATTEMPTS)) {
                    throw FactorRefused::pause(RateLimiter::availableIn($counter));
                }
                RateLimiter::hit($counter, self::WITHIN_SECONDS);
            });
        } catch (LockTimeoutException) {
            throw FactorRefused::pause(self::LOCK_SECONDS);
        }
    }

    private function useCode(Person $person, string $code): bool
    {
        $factor = SecondFactor::query()->find($person->id);
        $step = $factor === null ? null : TimeBasedCode::matching(Base32::decode($factor->secret), $code, TimeBasedCode::stepAt($this->today->instant()), $factor->last_step);
        if ($factor === null || $step === null) {
            return false;
        }
        $factor->update(['last_step' => $step]);

        return true;
    }

    private function useRecoveryCode(Person $person, string $code): bool
    {
        $stored = RecoveryCode::query()->where('person_id', $person->id)->where('selector', substr($code, 0, 2))->whereNull('used_at')->first();
        if ($stored === null || ! Hash::check($code, $stored->code_hash)) {
            return false;
        }
        $stored->update(['used_at' => $this->today->now()->format('Y-m-d\TH:i:s\Z')]);
        $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Access, $person->code, 'use recovery code', $person, null, null, $person->id)]);

        return true;
    }
}
