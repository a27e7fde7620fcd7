<?php

declare(strict_types=1);

namespace App\Features\Submission\Props;

use App\Models\QuestionKind;

/** A question of the office, with what has been answered. */
final readonly class QuestionProps
{
    /** @param  list<string>  $choices  of a choice */
    public function __construct(
        public int $id,
        public string $wording,
        public QuestionKind $kind,
        public array $choices,
        public bool $required,
        public string $answer,
    ) {
    }
}
