<?php

declare(strict_types=1);

namespace App\Features\Account\Props;

use App\Models\SignInMethod;

/** A browser in which a person is signed in. */
final readonly class SignInRowProps
{
    /**
     * @param  string  $startedAt  UTC instant; so is the next
     * @param  string  $browser  empty where it is not known
     * @param  bool  $isThis  whether it is the one that asks
     */
    public function __construct(
        public int $id,
        public string $startedAt,
        public string $lastSeenAt,
        public SignInMethod $method,
        public string $browser,
        public string $networkAddress,
        public bool $isThis,
    ) {
    }
}
