<?php

declare(strict_types=1);

namespace App\Features\Submission\Props;

use App\Features\HouseRules\Props\FindingProps;

/** What would go if it were submitted now. */
final readonly class SubmissionProps
{
    /**
     * @param  int  $openExpenses  of these days, which are submitted on their own page
     * @param  list<ProjectHoursProps>  $projects
     * @param  list<FindingProps>  $findings  what blocks first
     * @param  list<RecipientProps>  $recipients
     * @param  list<QuestionProps>  $questions
     */
    public function __construct(
        public int $minutes,
        public int $entries,
        public int $openExpenses,
        public array $projects,
        public array $findings,
        public array $recipients,
        public array $questions,
    ) {
    }
}
