<?php

declare(strict_types=1);

namespace App\Features\Timesheets\Props;

/** Somebody in whose sheet the reader may record. */
final readonly class SheetOwnerProps
{
    /** @param  bool  $maySubmit  whether they have left submitting to the reader too */
    public function __construct(public string $code, public string $name, public ?string $team, public TrustReason $reason, public bool $maySubmit)
    {
    }
}
