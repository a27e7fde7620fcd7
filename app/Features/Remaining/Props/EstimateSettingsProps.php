<?php

declare(strict_types=1);

namespace App\Features\Remaining\Props;

use Moss\Core\Effort\EstimateMode;

/** How remaining estimates take effect in the organisation. */
final readonly class EstimateSettingsProps
{
    /**
     * @param  int  $tolerance  minutes by which an estimate may differ from the calculated remaining hours without a reason
     * @param  int  $otherwise  open projects that have it another way
     */
    public function __construct(public EstimateMode $mode, public int $tolerance, public int $otherwise)
    {
    }
}
