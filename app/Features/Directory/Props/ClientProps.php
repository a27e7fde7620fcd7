<?php

declare(strict_types=1);

namespace App\Features\Directory\Props;

/** A client with its contacts. */
final readonly class ClientProps
{
    /**
     * @param  string|null  $scheme  how charge codes of its tasks are made up
     * @param  list<ClientContactProps>  $contacts
     */
    public function __construct(public string $code, public string $name, public ?string $scheme, public array $contacts)
    {
    }
}
