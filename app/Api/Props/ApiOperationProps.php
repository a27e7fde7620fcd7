<?php

declare(strict_types=1);

namespace App\Api\Props;

/** Something that a program can ask. */
final readonly class ApiOperationProps
{
    /**
     * @param  string  $id  the same as in the document
     * @param  list<ApiFieldProps>  $parameters  in the address and the headers
     * @param  list<ApiFieldProps>  $fields  of the body
     * @param  string|null  $answer  name of what is answered; null for nothing
     * @param  list<string>  $problems  statuses under which it is refused, with why
     */
    public function __construct(
        public string $id,
        public string $method,
        public string $path,
        public string $summary,
        public string $description,
        public array $parameters,
        public array $fields,
        public ?string $answer,
        public array $problems,
    ) {
    }
}
