<?php

declare(strict_types=1);

namespace App\Features\Appointments\Feeds;

use RuntimeException;

/** Why an address could not be read, by a key of the sentences. */
final class FeedFailed extends RuntimeException
{
    private function __construct(public readonly string $key)
    {
        parent::__construct('The calendar could not be read: '.$key);
    }

    public static function because(string $key): self
    {
        return new self($key);
    }
}
