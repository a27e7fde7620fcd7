<?php

declare(strict_types=1);

namespace App\Features\Billing\Props;

/** What a billing file would have of a project. */
final readonly class PreviewedProjectProps
{
    /**
     * @param  string  $amount  of what has a rate
     * @param  int  $unrated  minutes without a rate
     */
    public function __construct(public string $code, public string $name, public string $client, public int $minutes, public string $amount, public int $unrated)
    {
    }
}
