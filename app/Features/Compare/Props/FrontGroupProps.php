<?php

declare(strict_types=1);

namespace App\Features\Compare\Props;

use Moss\Core\Compare\Grouping;

/** A group of a comparison on the front page. */
final readonly class FrontGroupProps
{
    public function __construct(public Grouping $grouping, public string $code, public string $name, public ComparedRowProps $row)
    {
    }
}
