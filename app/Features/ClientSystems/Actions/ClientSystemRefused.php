<?php

declare(strict_types=1);

namespace App\Features\ClientSystems\Actions;

use App\Support\Language\Wording;
use RuntimeException;

/** Why something about a client's system is not done; the message is a sentence for people. */
final class ClientSystemRefused extends RuntimeException
{
    private function __construct(public readonly string $field, string $sentence)
    {
        parent::__construct($sentence);
    }

    /** @param  array<string, string|int>  $parameters */
    public static function because(string $field, string $key, array $parameters = []): self
    {
        return new self($field, Wording::of('clientsystems.'.$key, $parameters));
    }
}
