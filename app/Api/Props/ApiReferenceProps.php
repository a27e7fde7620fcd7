<?php

declare(strict_types=1);

namespace App\Api\Props;

/** The document of the API, to be read. */
final readonly class ApiReferenceProps
{
    /**
     * @param  string  $address  under which everything is asked
     * @param  string  $document  the address of the document for programs
     * @param  list<ApiOperationProps>  $operations
     * @param  list<ApiObjectProps>  $objects
     */
    public function __construct(public string $address, public string $document, public array $operations, public array $objects)
    {
    }
}
