<?php

declare(strict_types=1);

namespace Simulated\IdentityProvider;

use Simulated\Reply;

/**
 * A small identity provider for demonstrations and tests: discovery, authorization code with PKCE, signed tokens, and keys that
 * can be changed. Whoever opens its page chooses who to be; so it is never to be reached from outside.
 */
final readonly class Provider
{
    private const TOKEN_SECONDS = 300;

    private Keys $keys;

    private Grants $grants;

    /**
     * @param  string  $issuer  its own address
     * @param  array<string, Account>  $accounts  by subject
     * @param  string  $folder  where it keeps its keys and grants
     */
    public function __construct(private string $issuer, private string $client, private string $secret, private array $accounts, string $folder)
    {
        $this->keys = Keys::in($folder);
        $this->grants = new Grants($folder);
    }

    /**
     * @param  array<array-key, mixed>  $query
     * @param  array<array-key, mixed>  $form
     * @param  string  $authorization  the header of that name
     * @param  array<string, mixed>  $wrong  what stands in a token in the place of what belongs there, for tests; null leaves it out
     */
    public function answer(string $method, string $path, array $query, array $form, string $authorization, int $now, array $wrong = []): Reply
    {
        $asked = static fn (array $from): \Closure => static fn (string $name): string => is_string($from[$name] ?? null) ? $from[$name] : '';

        return match ("$method $path") {
            'GET /.well-known/openid-configuration' => Reply::json($this->document()),
            'GET /keys' => Reply::json($this->keys->published()),
            'GET /authorize' => $this->ask($asked($query)),
            'POST /authorize' => $this->grant($asked($form), $now),
            'POST /token' => $this->token($asked($form), $authorization, $now, $wrong),
            'POST /keys/change' => $this->changeKeys(),
            default => Reply::json(['error' => 'not_found'], 404),
        };
    }

    /** @return array<string, mixed> */
    private function document(): array
    {
        return [
            'issuer' => $this->issuer,
            'authorization_endpoint' => $this->issuer.'/authorize',
            'token_endpoint' => $this->issuer.'/token',
            'jwks_uri' => $this->issuer.'/keys',
            'response_types_supported' => ['code'],
            'subject_types_supported' => ['public'],
            'id_token_signing_alg_values_supported' => ['RS256'],
            'code_challenge_methods_supported' => ['S256'],
        ];
    }

    /** @param  \Closure(string): string  $asked */
    private function ask(\Closure $asked): Reply
    {
        $fault = match (true) {
            $asked('client_id') !== $this->client => 'This client is not known here.',
            $asked('response_type') !== 'code' => 'Only codes are given here.',
            $asked('code_challenge_method') !== 'S256' || $asked('code_challenge') === '' => 'A code challenge is needed.',
            default => null,
        };

        return $fault === null ? Reply::page(ChoosePage::of($this->accounts, $asked)) : Reply::page(htmlspecialchars($fault), 400);
    }

    /** @param  \Closure(string): string  $asked */
    private function grant(\Closure $asked, int $now): Reply
    {
        $account = $this->accounts[$asked('subject')] ?? null;
        if ($account === null || $asked('client_id') !== $this->client) {
            return Reply::page('Nobody was chosen.', 400);
        }
        $code = $this->grants->keep([
            'subject' => $account->subject, 'nonce' => $asked('nonce'), 'challenge' => $asked('code_challenge'),
            'redirect' => $asked('redirect_uri'), 'factor' => $asked('factor') === 'on', 'at' => $now,
        ], $now);

        return Reply::redirect($asked('redirect_uri').'?'.http_build_query(['code' => $code, 'state' => $asked('state')]));
    }

    /**
     * @param  \Closure(string): string  $asked
     * @param  array<string, mixed>  $wrong
     */
    private function token(\Closure $asked, string $authorization, int $now, array $wrong): Reply
    {
        $basic = 'Basic '.base64_encode(rawurlencode($this->client).':'.rawurlencode($this->secret));
        $isClient = hash_equals($basic, $authorization) || ($asked('client_id') === $this->client && hash_equals($this->secret, $asked('client_secret')));
        $grant = $isClient ? $this->grants->take($asked('code'), $now) : null;
        $challenge = rtrim(strtr(base64_encode(hash('sha256', $asked('code_verifier'), true)), '+/', '-_'), '=');
        $account = is_string($grant['subject'] ?? null) ? $this->accounts[$grant['subject']] ?? null : null;
        if ($grant === null || $account === null || $grant['challenge'] !== $challenge || $grant['redirect'] !== $asked('redirect_uri')) {
            return Reply::json(['error' => $isClient ? 'invalid_grant' : 'invalid_client'], $isClient ? 400 : 401);
        }
        $claims = [
            'iss' => $this->issuer, 'aud' => $this->client, 'sub' => $account->subject, 'iat' => $now, 'exp' => $now + self::TOKEN_SECONDS, 'auth_time' => $grant['at'],
            'nonce' => $grant['nonce'], 'email' => $account->email, 'email_verified' => $account->isVerified, 'name' => $account->name,
            'amr' => $grant['factor'] === true ? ['pwd', 'mfa'] : ['pwd'],
        ];

        return Reply::json([
            'access_token' => bin2hex(random_bytes(16)),
            'token_type' => 'Bearer',
            'expires_in' => self::TOKEN_SECONDS,
            'id_token' => SignedToken::of($this->keys, $claims, $wrong),
        ]);
    }

    private function changeKeys(): Reply
    {
        $this->keys->change();

        return Reply::json(['changed' => true]);
    }
}
