<?php

declare(strict_types=1);

namespace App\Api\OpenApi;

use Attribute;

/** What the document says of an operation that its signature does not. */
#[Attribute(Attribute::TARGET_METHOD)]
final readonly class Describes
{
    /**
     * @param  string  $summary  a sentence
     * @param  class-string|null  $answer  what is answered with 200; null for 204
     * @param  list<int>  $problems  statuses of its own under which it is refused
     * @param  string  $media  of the answer, where it is a file
     */
    public function __construct(public string $summary, public ?string $answer, public array $problems = [], public string $media = '')
    {
    }
}
