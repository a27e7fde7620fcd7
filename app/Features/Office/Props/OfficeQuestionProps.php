<?php

declare(strict_types=1);

namespace App\Features\Office\Props;

use App\Models\QuestionKind;

/** A question as the office keeps it. */
final readonly class OfficeQuestionProps
{
    /**
     * @param  list<string>  $choices
     * @param  string|null  $to  the last Monday for which it is asked; null for good
     * @param  int  $answers  how many there are
     */
    public function __construct(
        public int $id,
        public string $wording,
        public QuestionKind $kind,
        public array $choices,
        public bool $required,
        public string $from,
        public ?string $to,
        public int $answers,
    ) {
    }
}
