<?php

declare(strict_types=1);

namespace App\Features\Reported\Props;

/** A project as it was reported, and as it is now. */
final readonly class ReportedProjectProps
{
    /**
     * @param  ReportedEffortProps|null  $then  null where there was no such project
     * @param  int  $change  minutes by which the forecast is another
     */
    public function __construct(public string $code, public string $name, public ?ReportedEffortProps $then, public ReportedEffortProps $now, public int $change)
    {
    }
}
