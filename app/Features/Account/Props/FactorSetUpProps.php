<?php

declare(strict_types=1);

namespace App\Features\Account\Props;

/** What somebody puts into their app to set up their second factor. */
final readonly class FactorSetUpProps
{
    /**
     * @param  string  $key  for those who type it, in groups of four
     * @param  string  $address  for those who scan it, as apps that make such codes read it
     * @param  bool  $isNeeded  whether the person gets nowhere else before
     */
    public function __construct(public string $key, public string $address, public bool $isNeeded)
    {
    }

    public static function of(string $secret, string $email, string $organisation, bool $isNeeded): self
    {
        $issuer = rawurlencode("Moss Week $organisation");

        return new self(implode(' ', str_split($secret, 4)), "otpauth://totp/$issuer:".rawurlencode($email)."?secret=$secret&issuer=$issuer", $isNeeded);
    }
}
