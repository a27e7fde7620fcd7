<?php

declare(strict_types=1);

namespace Moss\Core\Asking;

use Moss\Core\Compare\Grouping;

/** Something that words may mean. */
final readonly class FoundName
{
    /**
     * @param  Grouping  $kind  project, person, team, client, manager or role
     * @param  int  $fit  more for what fits better
     */
    public function __construct(public Grouping $kind, public string $code, public string $name, public int $fit)
    {
    }
}
