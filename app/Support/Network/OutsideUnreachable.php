<?php

declare(strict_types=1);

namespace App\Support\Network;

use RuntimeException;

/** There is no answer that could be read, by a key of the sentences. */
final class OutsideUnreachable extends RuntimeException
{
    /** It is none, or lies inside the own network and is not allowed. */
    public const ADDRESS = 'address';

    public const UNREACHABLE = 'unreachable';

    public const TOO_LARGE = 'too_large';

    private function __construct(public readonly string $key)
    {
        parent::__construct('No answer could be read: '.$key);
    }

    public static function because(string $key): self
    {
        return new self($key);
    }
}
