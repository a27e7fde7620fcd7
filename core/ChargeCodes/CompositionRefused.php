<?php

declare(strict_types=1);

namespace Moss\Core\ChargeCodes;

use DomainException;
use Moss\Core\CoreError;

/** A charge code that a client's parts do not make, or parts that make none. */
final class CompositionRefused extends DomainException implements CoreError
{
    private function __construct(public readonly CompositionFault $fault, public readonly string $text)
    {
        parent::__construct("{$fault->value}: “{$text}”");
    }

    /** Parts, separator or codes that nothing can be composed of. */
    public static function parts(string $text): self
    {
        return new self(CompositionFault::Parts, $text);
    }

    public static function combination(string $text): self
    {
        return new self(CompositionFault::Combination, $text);
    }

    /** A code that a part does not offer. */
    public static function code(string $text): self
    {
        return new self(CompositionFault::Code, $text);
    }

    /** Codes that do not go together. */
    public static function together(string $text): self
    {
        return new self(CompositionFault::Together, $text);
    }
}
