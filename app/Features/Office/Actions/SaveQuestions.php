<?php

declare(strict_types=1);

namespace App\Features\Office\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Models\Answer;
use App\Models\Person;
use App\Models\Question;
use App\Models\QuestionKind;
use App\Support\Clock\Today;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Week;

/** Asks a question with every week from a day on, or no longer. What was answered stays. */
final readonly class SaveQuestions
{
    public function __construct(private AuditTrail $auditTrail, private Today $today)
    {
    }

    /** @param  array{wording: string, kind: QuestionKind, choices: list<string>, required: bool, starts_on: string}  $question */
    public function add(Person $office, array $question): void
    {
        DB::transaction(function () use ($office, $question): void {
            Question::query()->create($question);
            $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Question, $question['wording'], 'add', $office, null, [
                'kind' => $question['kind']->value, 'choices' => implode(', ', $question['choices']), 'required' => $question['required'] ? 1 : 0, 'from' => $question['starts_on'],
            ])]);
        });
    }

    /** From this week on; one that nobody was asked yet goes altogether. */
    public function end(Person $office, Question $question): void
    {
        DB::transaction(function () use ($office, $question): void {
            $last = Week::containing($this->today->for($office))->monday()->plusDays(-1);
            if ($last->isBefore($question->starts_on) && ! Answer::query()->where('question_id', $question->id)->exists()) {
                $question->delete();
            } else {
                $question->update(['ends_on' => Day::later($last, $question->starts_on)]);
            }
            $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Question, $question->wording, 'end', $office, null, ['to' => $last->toString()])]);
        });
    }
}
