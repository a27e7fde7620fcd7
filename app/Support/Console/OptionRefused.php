<?php

declare(strict_types=1);

namespace App\Support\Console;

use RuntimeException;

/** An option that a command cannot use; the message is a sentence for people. */
final class OptionRefused extends RuntimeException
{
    /** @param  array<string, string>  $parameters */
    public static function because(string $key, array $parameters): self
    {
        $text = trans('commands.'.$key, $parameters);

        return new self(is_string($text) ? $text : $key);
    }
}
