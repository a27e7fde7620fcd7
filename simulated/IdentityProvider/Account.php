<?php

declare(strict_types=1);

namespace Simulated\IdentityProvider;

/** Somebody whom the provider knows. */
final readonly class Account
{
    public function __construct(public string $subject, public string $name, public string $email, public bool $isVerified)
    {
    }

    /**
     * From a file with a list of `{"subject": …, "name": …, "email": …, "verified": true}`.
     *
     * @return array<string, self> by subject
     */
    public static function listed(string $file): array
    {
        $stored = json_decode((string) file_get_contents($file), true);
        $accounts = [];
        foreach (is_array($stored) ? $stored : [] as $one) {
            if (is_array($one) && is_string($one['subject'] ?? null) && is_string($one['name'] ?? null) && is_string($one['email'] ?? null)) {
                $accounts[$one['subject']] = new self($one['subject'], $one['name'], $one['email'], ($one['verified'] ?? true) === true);
            }
        }

        return $accounts;
    }
}
