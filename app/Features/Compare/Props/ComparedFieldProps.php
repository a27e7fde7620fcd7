<?php

declare(strict_types=1);

namespace App\Features\Compare\Props;

use App\Lookup\Props\OptionProps;

/** An own field that work is compared by, or narrowed to. */
final readonly class ComparedFieldProps
{
    /** @param  list<OptionProps>|null  $values  to choose from; null where any value can be typed */
    public function __construct(public string $code, public string $name, public ?array $values)
    {
    }
}
