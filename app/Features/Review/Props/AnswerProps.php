<?php

declare(strict_types=1);

namespace App\Features\Review\Props;

/** What somebody has answered to a question of the office. */
final readonly class AnswerProps
{
    public function __construct(public string $question, public string $answer)
    {
    }
}
