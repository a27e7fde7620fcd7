<?php

declare(strict_types=1);

namespace App\Features\Directory\Props;

use App\ChargeCodes\Props\CompositionProps;

/** A client with its contacts. */
final readonly class ClientProps
{
    /**
     * @param  string|null  $scheme  how charge codes of its tasks are made up
     * @param  CompositionProps|null  $composition  what its charge codes are composed of; null where they are typed as a whole
     * @param  list<ClientContactProps>  $contacts
     */
    public function __construct(public string $code, public string $name, public ?string $scheme, public ?CompositionProps $composition, public array $contacts)
    {
    }
}
