<?php

declare(strict_types=1);

namespace App\Features\Remaining\Actions;

use App\Support\Words;
use DomainException;
use Moss\Core\Effort\RestatementFault;

/** A word on what is left that was not taken, with the sentence that says why and what can be done. */
final class RestatementRefusal extends DomainException
{
    private function __construct(string $sentence, public readonly ?RestatementFault $fault)
    {
        parent::__construct($sentence);
    }

    /** @param  array<string, string|int>  $parameters */
    public static function because(RestatementFault $fault, array $parameters = []): self
    {
        return new self(Words::refusal('remaining.'.$fault->value, $parameters), $fault);
    }

    /** @param  array<string, string|int>  $parameters */
    public static function saying(string $key, array $parameters = []): self
    {
        return new self(Words::refusal('remaining.'.$key, $parameters), null);
    }

    public static function sentence(string $sentence): self
    {
        return new self($sentence, null);
    }
}
