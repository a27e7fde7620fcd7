<?php

declare(strict_types=1);

namespace Moss\Core\Expenses;

use DomainException;
use Moss\Core\CoreError;

/** Amounts of two currencies were to be added without saying the rate. */
final class MixedCurrencies extends DomainException implements CoreError
{
    private function __construct(public readonly string $one, public readonly string $other)
    {
        parent::__construct(sprintf('%s and %s cannot be added.', $one, $other));
    }

    public static function of(Currency $one, Currency $other): self
    {
        return new self($one->code, $other->code);
    }
}
