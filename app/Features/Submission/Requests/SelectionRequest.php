<?php

declare(strict_types=1);

namespace App\Features\Submission\Requests;

use App\Features\HouseRules\Requests\ExplanationRequest;
use App\Features\Submission\Actions\Selection;
use App\Features\Submission\Actions\Submission;
use App\Http\Input\BoundedRequest;
use App\Http\Input\RowId;
use App\Http\Input\WorkDay;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\Week;

/** What of a week is to go, with the explanations and answers that go with it. */
final class SelectionRequest extends BoundedRequest
{
    private const MOST = 1000;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'places' => ['nullable', 'list', 'min:1', 'max:'.self::MOST],
            'places.*.task' => ['required', new RowId],
            'places.*.role' => ['nullable', new RowId],
            'places.*.date' => ['nullable', new WorkDay],
            'explanations' => ['nullable', 'list', 'max:'.self::MOST],
            ...ExplanationRequest::rulesUnder('explanations.*.'),
            'answers' => ['nullable', 'array', 'max:100'],
            'answers.*' => ['nullable', 'string', 'max:2000'],
        ];
    }

    /** In an address the places stand in one text: `12:3:2026-06-17,14::` for a cell of task 12 in role 3, and the whole line of task 14. */
    protected function prepareForValidation(): void
    {
        $text = $this->query('places');
        if (is_string($text)) {
            $this->merge(['places' => array_map(static function (string $place): array {
                [$task, $role, $date] = [...explode(':', $place, 3), '', ''];

                return array_filter(['task' => $task, 'role' => $role, 'date' => $date], static fn (string $part): bool => $part !== '');
            }, explode(',', $text, self::MOST + 2))]);
        }
        parent::prepareForValidation();
    }

    public function selection(): Selection
    {
        if ($this->input('places') === null) {
            return Selection::whole();
        }
        $places = [];
        /** @var array{task: int|string, role?: int|string|null, date?: string|null} $place */
        foreach ($this->array('places') as $place) {
            $places[] = [(int) $place['task'], isset($place['role']) ? (int) $place['role'] : null, $place['date'] ?? null];
        }

        return Selection::of($places);
    }

    /** @param  DayRange  $days  that are submitted */
    public function submission(DayRange $days): Submission
    {
        $week = Week::containing($days->last());
        $explanations = [];
        foreach ($this->array('explanations') as $explanation) {
            $explanations[] = ExplanationRequest::read(is_array($explanation) ? $explanation : [], $week);
        }
        $answers = [];
        foreach ($this->array('answers') as $question => $answer) {
            $answers[(int) $question] = is_string($answer) ? $answer : '';
        }

        return new Submission($this->selection(), $explanations, $answers);
    }
}
