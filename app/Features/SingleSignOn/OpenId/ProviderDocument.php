<?php

declare(strict_types=1);

namespace App\Features\SingleSignOn\OpenId;

use App\Features\SingleSignOn\ProviderFailed;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Http;
use Throwable;

/**
 * What the provider says of itself. Source: OpenID Connect Discovery 1.0, sections 4 and 3.
 */
final readonly class ProviderDocument
{
    private const SECONDS = 3600;

    private const PATIENCE_SECONDS = 5;

    private function __construct(public string $issuer, public string $authorization, public string $token, public string $keys)
    {
    }

    /** @throws ProviderFailed */
    public static function of(string $issuer): self
    {
        $document = Cache::remember('single-sign-on:document:'.hash('sha256', $issuer), self::SECONDS, static fn (): array => self::fetched(rtrim($issuer, '/').'/.well-known/openid-configuration'));
        $address = static function (string $name) use ($document, $issuer): string {
            $address = $document[$name] ?? null;

            return is_string($address) && (str_starts_with($address, 'https://') || str_starts_with($issuer, 'http://')) ? $address : throw ProviderFailed::because("the provider names no safe $name.");
        };
        if (($document['issuer'] ?? null) !== $issuer) {
            throw ProviderFailed::because('the document is of another provider.');
        }

        return new self($issuer, $address('authorization_endpoint'), $address('token_endpoint'), $address('jwks_uri'));
    }

    /**
     * @return array<array-key, mixed>
     *
     * @throws ProviderFailed
     */
    public static function fetched(string $address): array
    {
        try {
            $answer = Http::timeout(self::PATIENCE_SECONDS)->withOptions(['allow_redirects' => false])->acceptJson()->get($address)->throw()->json();
        } catch (Throwable $fault) {
            throw ProviderFailed::because("$address does not answer.", $fault);
        }

        return is_array($answer) ? $answer : throw ProviderFailed::because("$address answers with something else than JSON.");
    }
}
