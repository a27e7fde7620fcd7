<?php

declare(strict_types=1);

namespace App\Features\SingleSignOn\OpenId;

use App\Features\SingleSignOn\KnownIdentity;
use App\Features\SingleSignOn\ProviderFailed;
use App\Features\SingleSignOn\StartedSignIn;
use Firebase\JWT\JWT;
use Illuminate\Support\Carbon;
use stdClass;
use Throwable;

/**
 * Reads the token in which the provider says who somebody is, and trusts nothing in it before all of it has been checked.
 *
 * Source: OpenID Connect Core 1.0, section 3.1.3.7.
 */
final readonly class IdToken
{
    public const ALGORITHMS = ['RS256', 'RS384', 'RS512', 'ES256', 'ES384', 'PS256'];

    /** By how many seconds the clocks may differ. */
    private const LEEWAY = 60;

    private const LONGEST_SUBJECT = 255;

    private function __construct(private stdClass $claims)
    {
    }

    /** @throws ProviderFailed */
    public static function read(string $token, ProviderKeys $keys, ProviderDocument $provider, string $client, StartedSignIn $started): KnownIdentity
    {
        $id = new self(self::verified($token, $keys));
        $audience = (array) $id->any('aud');
        $fault = match (true) {
            $id->text('iss') !== $provider->issuer => 'the token is of another provider',
            ! in_array($client, $audience, true) => 'the token is for somebody else',
            (count($audience) > 1 || $id->any('azp') !== null) && $id->text('azp') !== $client => 'the token was given to somebody else',
            ! hash_equals($started->nonce, $id->text('nonce')) => 'the token is of another sign-in',
            ! is_int($id->any('exp')) || ! is_int($id->any('iat')) => 'the token does not say when it ends',
            $id->text('sub') === '' || strlen($id->text('sub')) > self::LONGEST_SUBJECT => 'the token does not say whom it is about',
            $started->isAgain && (! is_int($id->any('auth_time')) || $id->any('auth_time') < $started->at - self::LEEWAY) => 'nobody entered again who they are',
            default => null,
        };
        if ($fault !== null) {
            throw ProviderFailed::because($fault.'.');
        }
        $signedInAt = $id->any('auth_time');

        return new KnownIdentity(
            $provider->issuer,
            $id->text('sub'),
            $id->any('email_verified') === true ? mb_strtolower($id->text('email')) : '',
            $id->text('name'),
            in_array('mfa', (array) $id->any('amr'), true),
            is_int($signedInAt) ? $signedInAt : null,
        );
    }

    private static function verified(string $token, ProviderKeys $keys): stdClass
    {
        try {
            $header = json_decode(JWT::urlsafeB64Decode(explode('.', $token)[0]), flags: JSON_THROW_ON_ERROR);
            $name = $header instanceof stdClass && is_string($header->kid ?? null) ? $header->kid : '';
            [JWT::$leeway, JWT::$timestamp] = [self::LEEWAY, Carbon::now()->getTimestamp()];

            return JWT::decode($token, $keys->with($name));
        } catch (ProviderFailed $failed) {
            throw $failed;
        } catch (Throwable $fault) {
            throw ProviderFailed::because('the token is not signed as it has to be, or is over.', $fault);
        }
    }

    private function any(string $claim): mixed
    {
        return $this->claims->{$claim} ?? null;
    }

    private function text(string $claim): string
    {
        return is_string($this->any($claim)) ? $this->any($claim) : '';
    }
}
