<?php

declare(strict_types=1);

namespace App\Features\Office\Controllers;

use App\Features\Office\Actions\SaveQuestions;
use App\Features\Office\Props\OfficeQuestionProps;
use App\Features\Office\Requests\QuestionRequest;
use App\Models\Answer;
use App\Models\Organisation;
use App\Models\Person;
use App\Models\Question;
use App\Support\Clock\Today;
use App\Support\Database\Sql;
use App\Support\Language\Wording;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;
use Moss\Core\Calendar\Week;

final class QuestionsController
{
    public function show(#[CurrentUser] Person $office, Today $today): Response
    {
        Gate::authorize('keep', Organisation::class);
        $answers = Answer::query()->toBase()->groupBy('question_id')->addSelect('question_id', Sql::count('answers'))->pluck('answers', 'question_id');

        return Inertia::render('Questions', [
            'questions' => array_values(Question::query()->orderBy('id')->get()->map(static fn (Question $question): OfficeQuestionProps => new OfficeQuestionProps(
                $question->id, $question->wording, $question->kind, $question->choices, $question->required, $question->starts_on->toString(), $question->ends_on?->toString(),
                is_int($answers[$question->id] ?? null) ? $answers[$question->id] : 0,
            ))->all()),
            'monday' => Week::containing($today->for($office))->monday()->toString(),
        ]);
    }

    public function store(#[CurrentUser] Person $office, QuestionRequest $request, SaveQuestions $save): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        $save->add($office, $request->question());

        return back()->with('message', Wording::refusal('question.asked'));
    }

    public function destroy(#[CurrentUser] Person $office, Question $question, SaveQuestions $save): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        $save->end($office, $question);

        return back()->with('message', Wording::refusal('question.ended'));
    }
}
