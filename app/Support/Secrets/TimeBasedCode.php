<?php

declare(strict_types=1);

namespace App\Support\Secrets;

use DateTimeInterface;

/**
 * The code that an app shows for 30 seconds, made of a secret and the time.
 *
 * Source: RFC 6238 (time-based) on RFC 4226 (HMAC-based, section 5.3), with SHA-1, which is what such apps make unless they
 * are told otherwise.
 */
final class TimeBasedCode
{
    public const DIGITS = 6;

    private const SECONDS = 30;

    /** How many steps a clock may be off, in each direction. */
    private const TOLERANCE = 1;

    /** The number of the 30 seconds in which an instant lies, from 1970. */
    public static function stepAt(DateTimeInterface $instant): int
    {
        return intdiv($instant->getTimestamp(), self::SECONDS);
    }

    /**
     * The code of a step.
     *
     * @param  string  $secret  bytes
     * @param  int<1, 9>  $digits
     */
    public static function of(string $secret, int $step, int $digits = self::DIGITS): string
    {
        $hash = hash_hmac('sha1', pack('J', $step), $secret, true);
        $offset = ord($hash[strlen($hash) - 1]) & 15;
        $number = (ord($hash[$offset]) & 127) << 24 | ord($hash[$offset + 1]) << 16 | ord($hash[$offset + 2]) << 8 | ord($hash[$offset + 3]);

        return str_pad((string) ($number % 10 ** $digits), $digits, '0', STR_PAD_LEFT);
    }

    /** The step whose code was entered, later than the last that was used; null where there is none. */
    public static function matching(string $secret, string $code, int $now, int $lastStep): ?int
    {
        $found = null;
        for ($step = $now - self::TOLERANCE; $step <= $now + self::TOLERANCE; $step++) {
            if (hash_equals(self::of($secret, $step), $code) && $step > $lastStep) {
                $found = $step;
            }
        }

        return $found;
    }
}
