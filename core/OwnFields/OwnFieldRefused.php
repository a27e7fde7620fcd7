<?php

declare(strict_types=1);

namespace Moss\Core\OwnFields;

use DomainException;
use Moss\Core\CoreError;

/** A text that an own field does not take. */
final class OwnFieldRefused extends DomainException implements CoreError
{
    private function __construct(public readonly OwnField $field, public readonly string $text)
    {
        parent::__construct("“{$text}” is no {$field->kind->value} of {$field->code}");
    }

    public static function text(OwnField $field, string $text): self
    {
        return new self($field, $text);
    }
}
