<?php

declare(strict_types=1);

namespace App\Features\SingleSignOn;

/** Who somebody is at the identity provider, as its signed token says. */
final readonly class KnownIdentity
{
    /**
     * @param  string  $issuer  the address that names the provider
     * @param  string  $subject  what it calls the person, for good
     * @param  string  $email  in lower case; empty where it is not said or not verified
     * @param  bool  $hasFactor  whether they gave more than one factor there
     * @param  int|null  $signedInAt  when they entered there who they are, in seconds from 1970
     */
    public function __construct(
        public string $issuer,
        public string $subject,
        public string $email,
        public string $name,
        public bool $hasFactor,
        public ?int $signedInAt,
    ) {
    }
}
