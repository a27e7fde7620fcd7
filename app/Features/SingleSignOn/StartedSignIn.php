<?php

declare(strict_types=1);

namespace App\Features\SingleSignOn;

/** A sign-in that goes on at the provider, and what is kept here until the person comes back. */
final readonly class StartedSignIn
{
    private const MINUTES = 10;

    /**
     * @param  string  $address  where the browser goes
     * @param  string  $state  comes back with the browser, so that nobody else's answer is taken
     * @param  string  $nonce  comes back within the token, so that no token is used twice
     * @param  string  $verifier  proves that whoever asks for the token began the sign-in (RFC 7636)
     * @param  bool  $isAgain  whether somebody who is signed in confirms that it is them
     * @param  int  $at  when it began, in seconds from 1970
     */
    public function __construct(
        public string $address,
        public string $state,
        public string $nonce,
        public string $verifier,
        public bool $isAgain,
        public int $at,
    ) {
    }

    /** @return array<string, string|int|bool> */
    public function kept(): array
    {
        return ['address' => $this->address, 'state' => $this->state, 'nonce' => $this->nonce, 'verifier' => $this->verifier, 'isAgain' => $this->isAgain, 'at' => $this->at];
    }

    /** Null where nothing was kept, or it was too long ago. */
    public static function read(mixed $kept, int $now): ?self
    {
        if (! is_array($kept)) {
            return null;
        }
        $text = static fn (string $name): string => is_string($kept[$name] ?? null) ? $kept[$name] : '';
        $at = is_int($kept['at'] ?? null) ? $kept['at'] : 0;

        return $at < $now - self::MINUTES * 60 || $text('state') === '' ? null
            : new self($text('address'), $text('state'), $text('nonce'), $text('verifier'), ($kept['isAgain'] ?? null) === true, $at);
    }
}
