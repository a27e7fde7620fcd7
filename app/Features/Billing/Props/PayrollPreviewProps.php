<?php

declare(strict_types=1);

namespace App\Features\Billing\Props;

/** What a payroll file would have if it were created now. */
final readonly class PayrollPreviewProps
{
    /**
     * @param  list<string>  $kinds  of pay that there are, by name; none where all time is regular
     * @param  list<PaidPersonProps>  $people  the first by name
     * @param  int  $left  how many people there are besides
     * @param  int  $minutes  of all people
     * @param  list<int>  $ofKinds  minutes of all people, of each kind
     */
    public function __construct(public array $kinds, public array $people, public int $left, public int $minutes, public array $ofKinds)
    {
    }
}
