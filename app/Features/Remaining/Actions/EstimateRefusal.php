<?php

declare(strict_types=1);

namespace App\Features\Remaining\Actions;

use App\Support\Language\Wording;
use DomainException;
use Moss\Core\Effort\EstimateFault;

/** A remaining estimate that was refused, with the sentence that says why and what can be done. */
final class EstimateRefusal extends DomainException
{
    private function __construct(string $sentence, public readonly ?EstimateFault $fault)
    {
        parent::__construct($sentence);
    }

    /** @param  array<string, string|int>  $parameters */
    public static function because(EstimateFault $fault, array $parameters = []): self
    {
        return new self(Wording::refusal('remaining.'.$fault->value, $parameters), $fault);
    }

    /** @param  array<string, string|int>  $parameters */
    public static function saying(string $key, array $parameters = []): self
    {
        return new self(Wording::refusal('remaining.'.$key, $parameters), null);
    }

    public static function sentence(string $sentence): self
    {
        return new self($sentence, null);
    }
}
