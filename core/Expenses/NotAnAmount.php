<?php

declare(strict_types=1);

namespace Moss\Core\Expenses;

use DomainException;
use Moss\Core\CoreError;

/** A text that is no amount, rate, share or distance, or lies outside what there can be. */
final class NotAnAmount extends DomainException implements CoreError
{
    private function __construct(public readonly string $text)
    {
        parent::__construct(sprintf('Not an amount: %s', $text));
    }

    public static function text(string $text): self
    {
        return new self(mb_strimwidth($text, 0, 40, '…', 'UTF-8'));
    }
}
