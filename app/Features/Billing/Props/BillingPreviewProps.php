<?php

declare(strict_types=1);

namespace App\Features\Billing\Props;

/** What a billing file would come to if it were created now. */
final readonly class BillingPreviewProps
{
    /**
     * @param  list<PreviewedProjectProps>  $projects  by client and name
     * @param  string  $amount  of what has a rate
     * @param  int  $unrated  minutes without a rate
     */
    public function __construct(public array $projects, public int $minutes, public string $amount, public int $unrated)
    {
    }
}
