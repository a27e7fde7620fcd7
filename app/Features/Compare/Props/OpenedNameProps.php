<?php

declare(strict_types=1);

namespace App\Features\Compare\Props;

use Moss\Core\Compare\Grouping;

/** A group that an opened figure belongs to. */
final readonly class OpenedNameProps
{
    public function __construct(public Grouping $grouping, public string $code, public string $name)
    {
    }
}
