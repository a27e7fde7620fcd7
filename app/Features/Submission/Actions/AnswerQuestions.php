<?php

declare(strict_types=1);

namespace App\Features\Submission\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Features\Submission\Queries\AskedQuestions;
use App\Models\Answer;
use App\Models\Person;
use App\Models\Question;
use App\Models\QuestionKind;
use App\Support\Language\Wording;
use Moss\Core\Calendar\Week;

/** Keeps what a person answers to the office's questions for a week, and sees that what must be answered is. */
final readonly class AnswerQuestions
{
    public function __construct(private AskedQuestions $questions, private AuditTrail $auditTrail)
    {
    }

    /**
     * Within the transaction of the submission.
     *
     * @param  array<int, string>  $answers  by question; an empty one takes an answer back
     *
     * @throws SubmissionRefused if an answer does not fit its question, or one is missing
     */
    public function handle(Person $actor, Person $owner, Week $week, array $answers): void
    {
        $before = $this->questions->answers($owner, $week);
        $lines = [];
        $rows = [];
        foreach ($this->questions->of($week) as $question) {
            $answer = trim($answers[$question->id] ?? $before[$question->id] ?? '');
            $this->mustFit($question, $answer);
            if ($answer !== ($before[$question->id] ?? '')) {
                $rows[$question->id] = $answer;
                $lines[] = AuditTrailLine::on(AuditTrailSubject::Question, $question->wording, 'answer', $actor, isset($before[$question->id]) ? ['answer' => $before[$question->id]] : null, ['answer' => $answer, 'week' => $week->toString()], $owner->id);
            }
        }
        Answer::query()->where('person_id', $owner->id)->where('week', $week->toString())->whereIntegerInRaw('question_id', array_keys($rows))->delete();
        Answer::query()->toBase()->insert(array_map(
            static fn (int $question, string $answer): array => ['question_id' => $question, 'person_id' => $owner->id, 'week' => $week->toString(), 'answer' => $answer],
            array_keys(array_filter($rows, static fn (string $answer): bool => $answer !== '')),
            array_values(array_filter($rows, static fn (string $answer): bool => $answer !== '')),
        ));
        $this->auditTrail->of($lines);
    }

    private function mustFit(Question $question, string $answer): void
    {
        $known = match ($question->kind) {
            QuestionKind::Text => null,
            QuestionKind::Choice => $question->choices,
            QuestionKind::YesNo => ['yes', 'no'],
        };
        $refusal = match (true) {
            $answer === '' => $question->required ? 'submission.unanswered' : null,
            $known !== null && ! in_array($answer, $known, true) => 'submission.no_choice',
            default => null,
        };
        if ($refusal !== null) {
            throw SubmissionRefused::because(Wording::refusal($refusal, ['question' => $question->wording]));
        }
    }
}
