<?php

declare(strict_types=1);

namespace App\Features\ClientSystems\Props;

/** What two systems have under one charge code and kind of pay; minutes. */
final readonly class ComparedCodeProps
{
    /**
     * @param  string|null  $code  null where the other system does not tell charge codes apart
     * @param  string  $kind  of pay, as it is called here; empty where the other system does not tell kinds apart
     */
    public function __construct(public ?string $code, public string $kind, public int $here, public int $there)
    {
    }
}
