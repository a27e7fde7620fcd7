<?php

declare(strict_types=1);

namespace App\Features\SignIn\Actions;

use Closure;
use Illuminate\Cache\Lock;
use Illuminate\Contracts\Cache\LockTimeoutException;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\RateLimiter;

/**
 * Counts sign-in attempts by account and network address. An attempt is counted before its password is looked at, under a
 * lock, so that many sent at once are not more than many sent one by one.
 */
final readonly class AttemptLimits
{
    /** Attempts on one account from one address, in a minute. */
    private const OF_ACCOUNT_FROM_ADDRESS = [5, 60];

    /** Attempts on one account from anywhere, in a quarter of an hour. */
    private const OF_ACCOUNT = [15, 900];

    /** Attempts from one address on any account, in a minute. */
    private const FROM_ADDRESS = [30, 60];

    private const LOCK_SECONDS = 10;

    private const LOCK_RETRY_MILLISECONDS = 5;

    /** @throws SignInRefused once there were too many */
    public function count(string $email, string $address): void
    {
        $this->locked(static function () use ($email, $address): void {
            $limits = self::limits($email, $address);
            foreach ($limits as $key => [$most]) {
                if (RateLimiter::tooManyAttempts($key, $most)) {
                    throw SignInRefused::pause(max(1, RateLimiter::availableIn($key)));
                }
            }
            foreach ($limits as $key => [, $seconds]) {
                RateLimiter::hit($key, $seconds);
            }
        });
    }

    /** A sign-in that succeeded does not count as an attempt, and those before it on this account are forgiven. */
    public function clear(string $email, string $address): void
    {
        $this->locked(static function () use ($email, $address): void {
            foreach (array_keys(self::limits($email, $address)) as $key) {
                if ($key === self::fromAddress($address)) {
                    RateLimiter::decrement($key);
                } else {
                    RateLimiter::clear($key);
                }
            }
        });
    }

    /** @return array<string, array{int, int}> the most attempts, and in how many seconds, by counter */
    private static function limits(string $email, string $address): array
    {
        return [
            'sign-in:'.hash('sha256', $email.'|'.$address) => self::OF_ACCOUNT_FROM_ADDRESS,
            'sign-in-to:'.hash('sha256', $email) => self::OF_ACCOUNT,
            self::fromAddress($address) => self::FROM_ADDRESS,
        ];
    }

    private static function fromAddress(string $address): string
    {
        return 'sign-in-from:'.$address;
    }

    /** @param  Closure(): void  $counting */
    private function locked(Closure $counting): void
    {
        try {
            $lock = Cache::lock('sign-in-attempts', self::LOCK_SECONDS);
            assert($lock instanceof Lock);
            $lock->betweenBlockedAttemptsSleepFor(self::LOCK_RETRY_MILLISECONDS)->block(self::LOCK_SECONDS, $counting);
        } catch (LockTimeoutException) {
            throw SignInRefused::pause(self::LOCK_SECONDS);
        }
    }
}
