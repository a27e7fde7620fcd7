<?php

declare(strict_types=1);

namespace App\Features\Intake\Props;

/** Something said about a request. */
final readonly class WorkRequestCommentProps
{
    public function __construct(public int $id, public string $by, public string $text, public string $at)
    {
    }
}
