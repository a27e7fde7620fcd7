<?php

declare(strict_types=1);

namespace App\Features\Plan\Actions;

use App\Support\Language\Wording;
use DomainException;

/** A plan that cannot be as it was put; each fault with where it is. Nothing was saved. */
final class PlanRefused extends DomainException
{
    /** @param  array<string, string>  $faults  sentences by row and field, as in `12.planned` */
    private function __construct(public readonly array $faults)
    {
        parent::__construct(implode(' ', array_unique($faults)));
    }

    /** @param  non-empty-array<string, string>  $faults */
    public static function with(array $faults): self
    {
        return new self($faults);
    }

    /** @param  array<string, string|int>  $parameters */
    public static function because(string $key, array $parameters = []): self
    {
        return new self(['' => Wording::refusal('plan_row.'.$key, $parameters)]);
    }
}
