<?php

declare(strict_types=1);

namespace App\Features\Billing\Props;

/** What a payroll file would have of a person. */
final readonly class PaidPersonProps
{
    /** @param  list<int>  $ofKinds  minutes of each kind of pay of the preview, in its order */
    public function __construct(public string $code, public string $name, public ?string $team, public int $minutes, public array $ofKinds)
    {
    }
}
