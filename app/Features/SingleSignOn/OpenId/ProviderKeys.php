<?php

declare(strict_types=1);

namespace App\Features\SingleSignOn\OpenId;

use App\Features\SingleSignOn\ProviderFailed;
use Firebase\JWT\JWK;
use Firebase\JWT\Key;
use Illuminate\Support\Facades\Cache;
use Throwable;

/**
 * The keys that the provider signs with. They change: a token with an unknown one has them fetched anew, but not more often
 * than once a minute.
 */
final readonly class ProviderKeys
{
    private const SECONDS = 3600;

    private const SECONDS_BETWEEN = 60;

    public function __construct(private string $address)
    {
    }

    /**
     * @return array<string, Key> by its name
     *
     * @throws ProviderFailed
     */
    public function with(string $name): array
    {
        $keys = $this->keys();
        if (! isset($keys[$name]) && Cache::add('single-sign-on:fetched:'.hash('sha256', $this->address), true, self::SECONDS_BETWEEN)) {
            Cache::forget($this->stored());
            $keys = $this->keys();
        }

        return $keys;
    }

    /** @return array<string, Key> */
    private function keys(): array
    {
        $set = Cache::remember($this->stored(), self::SECONDS, fn (): array => ProviderDocument::fetched($this->address));
        try {
            return array_filter(JWK::parseKeySet($set, 'RS256'), static fn (Key $key): bool => in_array($key->getAlgorithm(), IdToken::ALGORITHMS, true));
        } catch (Throwable $fault) {
            throw ProviderFailed::because('the keys of the provider cannot be read.', $fault);
        }
    }

    private function stored(): string
    {
        return 'single-sign-on:keys:'.hash('sha256', $this->address);
    }
}
