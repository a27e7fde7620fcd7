<?php

declare(strict_types=1);

namespace App\Features\Submission\Queries;

use App\Models\Answer;
use App\Models\Person;
use App\Models\Question;
use App\Support\Database\Record;
use Moss\Core\Calendar\Week;

/** What the office asks for a week, and what a person has answered. */
final class AskedQuestions
{
    /** @return list<Question> in the order in which they were made */
    public function of(Week $week): array
    {
        $monday = $week->monday()->toString();

        return array_values(Question::query()->where('starts_on', '<=', $monday)
            ->where(static fn ($end) => $end->whereNull('ends_on')->orWhere('ends_on', '>=', $monday))
            ->orderBy('id')->get()->all());
    }

    /** @return array<int, string> by question */
    public function answers(Person $owner, Week $week): array
    {
        $answers = [];
        foreach (Record::all(Answer::query()->toBase()->where('person_id', $owner->id)->where('week', $week->toString())) as $record) {
            $answers[$record->int('question_id')] = $record->string('answer');
        }

        return $answers;
    }
}
