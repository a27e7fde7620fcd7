<?php

declare(strict_types=1);

namespace App\Features\Billing\Props;

use App\Models\BillingKind;
use App\Models\BillingState;

/** A billing file. */
final readonly class BillingFileProps
{
    /**
     * @param  string|null  $client  name; null for all
     * @param  string  $at  UTC instant
     * @param  int  $unrated  minutes billed without a rate
     */
    public function __construct(public int $id, public BillingKind $kind, public BillingState $state, public ?string $client, public string $startsOn, public string $endsOn, public string $by, public string $at, public int $minutes, public ?string $amount, public int $unrated)
    {
    }
}
