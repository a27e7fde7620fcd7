<?php

declare(strict_types=1);

namespace App\Features\ClientSystems\Props;

use Moss\Core\Agreement\Side;

/** What two systems have of somebody on a day; minutes. */
final readonly class ComparedDayProps
{
    /** @param  list<ComparedCodeProps>  $codes  under which they differ */
    public function __construct(public string $date, public int $here, public int $there, public Side $side, public bool $agrees, public array $codes)
    {
    }
}
