<?php

declare(strict_types=1);

namespace Simulated\IdentityProvider;

use Firebase\JWT\JWT;

/** Signs a token; or, so that it can be tried what is done with such, signs a wrong one or signs it wrongly. */
final class SignedToken
{
    /** What is not a claim, but says how it is signed. */
    private const HOW = ['alg' => '', 'key' => ''];

    /**
     * @param  array<string, mixed>  $claims
     * @param  array<string, mixed>  $wrong  claims in the place of others, null to leave one out; `alg` names another way to sign, `key` another key
     */
    public static function of(Keys $keys, array $claims, array $wrong): string
    {
        $claims = array_filter(array_diff_key($wrong, self::HOW) + $claims, static fn (mixed $claim): bool => $claim !== null);
        $key = $keys->newest();

        return match (true) {
            ($wrong['alg'] ?? null) === 'none' => self::unsigned($claims, $key['kid']),
            ($wrong['alg'] ?? null) === 'HS256' => JWT::encode($claims, self::publicPart($key['private']), 'HS256', $key['kid']),
            isset($wrong['key']) => JWT::encode($claims, Keys::another(), 'RS256', is_string($wrong['key']) ? $wrong['key'] : null),
            default => JWT::encode($claims, $key['private'], 'RS256', $key['kid']),
        };
    }

    /** @param  array<string, mixed>  $claims */
    private static function unsigned(array $claims, string $kid): string
    {
        $part = static fn (mixed $values): string => JWT::urlsafeB64Encode(json_encode($values, JSON_THROW_ON_ERROR));

        return $part(['typ' => 'JWT', 'alg' => 'none', 'kid' => $kid]).'.'.$part($claims).'.';
    }

    private static function publicPart(string $private): string
    {
        $key = openssl_pkey_get_private($private);
        $details = $key === false ? false : openssl_pkey_get_details($key);

        return is_array($details) && is_string($details['key'] ?? null) ? $details['key'] : '';
    }
}
