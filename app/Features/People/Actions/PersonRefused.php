<?php

declare(strict_types=1);

namespace App\Features\People\Actions;

use App\Support\Language\Wording;
use RuntimeException;

/** What is wrong with what was said of somebody. */
final class PersonRefused extends RuntimeException
{
    private function __construct(public readonly string $field, string $message)
    {
        parent::__construct($message);
    }

    public static function because(string $field, string $sentence): self
    {
        return new self($field, Wording::of("organisation.$sentence"));
    }
}
