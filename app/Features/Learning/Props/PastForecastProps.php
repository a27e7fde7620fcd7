<?php

declare(strict_types=1);

namespace App\Features\Learning\Props;

/** What a project would come to if its open tasks turn out as finished ones did, in minutes. */
final readonly class PastForecastProps
{
    /** @param  string|null  $manager  whose finished tasks these are; null where they are everybody's */
    public function __construct(public ?string $manager, public SpreadProps $spread, public int $usual, public int $least, public int $most)
    {
    }
}
