<?php

declare(strict_types=1);

namespace App\Api\Resources;

use ArrayObject;

/** One row of a comparison. */
final readonly class ComparedGroup
{
    /**
     * @param  string  $group  code; empty in the total
     * @param  string|null  $part  code within the group; null for the group itself
     * @param  ArrayObject<string, int|string|null>  $values  by measure: minutes, money as a decimal, percentages with one decimal; null where it is not known. Money also says which minutes have no rate (`…_without_minutes`)
     * @param  ArrayObject<string, ComparedPeriod>  $periods  by what stands across
     */
    public function __construct(public string $group, public string $name, public ?string $part, public ?string $partName, public ArrayObject $values, public ArrayObject $periods)
    {
    }
}
