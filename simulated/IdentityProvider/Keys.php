<?php

declare(strict_types=1);

namespace Simulated\IdentityProvider;

use RuntimeException;

/** The RSA keys that the provider signs with; the newest first. Kept in a file, so that all of its processes have the same. */
final readonly class Keys
{
    private const MOST = 2;

    private function __construct(private string $file)
    {
    }

    public static function in(string $folder): self
    {
        $keys = new self($folder.'/keys.json');
        if (! is_file($keys->file)) {
            $keys->change();
        }

        return $keys;
    }

    /** From now on another key signs; the one before can still be looked up. */
    public function change(): void
    {
        $all = [['kid' => bin2hex(random_bytes(6)), 'private' => self::another()], ...(is_file($this->file) ? $this->all() : [])];
        file_put_contents($this->file, json_encode(array_slice($all, 0, self::MOST), JSON_THROW_ON_ERROR), LOCK_EX);
        chmod($this->file, 0600);
    }

    /** A key that is not kept. */
    public static function another(): string
    {
        $key = openssl_pkey_new(['private_key_bits' => 2048, 'private_key_type' => OPENSSL_KEYTYPE_RSA]);

        return $key !== false && openssl_pkey_export($key, $private) && is_string($private) ? $private : throw new RuntimeException('No key could be made.');
    }

    /** @return array{kid: string, private: string} */
    public function newest(): array
    {
        return $this->all()[0];
    }

    /** @return array{keys: list<array<string, string>>} as a JSON Web Key Set, RFC 7517 */
    public function published(): array
    {
        $keys = [];
        foreach ($this->all() as $key) {
            $private = openssl_pkey_get_private($key['private']);
            $details = $private === false ? false : openssl_pkey_get_details($private);
            $rsa = is_array($details) && is_array($details['rsa'] ?? null) ? $details['rsa'] : throw new RuntimeException('A key cannot be read.');
            $number = static fn (mixed $bytes): string => rtrim(strtr(base64_encode(is_string($bytes) ? $bytes : ''), '+/', '-_'), '=');
            $keys[] = ['kty' => 'RSA', 'use' => 'sig', 'alg' => 'RS256', 'kid' => $key['kid'], 'n' => $number($rsa['n'] ?? null), 'e' => $number($rsa['e'] ?? null)];
        }

        return ['keys' => $keys];
    }

    /** @return non-empty-list<array{kid: string, private: string}> */
    private function all(): array
    {
        $stored = json_decode((string) file_get_contents($this->file), true);
        $keys = [];
        foreach (is_array($stored) ? $stored : [] as $key) {
            if (is_array($key) && is_string($key['kid'] ?? null) && is_string($key['private'] ?? null)) {
                $keys[] = ['kid' => $key['kid'], 'private' => $key['private']];
            }
        }

        return $keys === [] ? throw new RuntimeException('There are no keys.') : $keys;
    }
}
