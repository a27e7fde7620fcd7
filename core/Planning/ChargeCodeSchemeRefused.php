<?php

declare(strict_types=1);

namespace Moss\Core\Planning;

use DomainException;
use Moss\Core\CoreError;

/** A text that says nothing about charge codes. */
final class ChargeCodeSchemeRefused extends DomainException implements CoreError
{
    public static function text(string $text): self
    {
        return new self("“{$text}” is no charge code scheme");
    }
}
