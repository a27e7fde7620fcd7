<?php

declare(strict_types=1);

namespace App\Features\Submission\Actions;

use App\Features\HouseRules\Actions\Explanation;

/** What somebody submits, and what they say with it. */
final readonly class Submission
{
    /**
     * @param  list<Explanation>  $explanations  on findings
     * @param  array<int, string>  $answers  by question; an empty one takes an answer back
     */
    public function __construct(public Selection $selection, public array $explanations = [], public array $answers = [])
    {
    }

    /** The whole week, without an explanation. */
    public static function whole(): self
    {
        return new self(Selection::whole());
    }
}
