<?php

declare(strict_types=1);

namespace App\Api\Input;

use App\Features\HouseRules\Actions\Explanation;
use App\Features\HouseRules\Requests\ExplanationRequest;
use App\Features\Submission\Actions\Selection;
use App\Features\Submission\Actions\Submission;
use App\Http\Input\BoundedRequest;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\Week;

/** What is said with days that are submitted. */
final class SubmissionRequest extends BoundedRequest implements DescribesBody
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['explanations' => ['nullable', 'list', 'max:1000'], ...ExplanationRequest::rulesUnder('explanations.*.')];
    }

    public static function fields(): array
    {
        return ['explanations' => ['type' => 'array', 'maxItems' => 1000, 'description' => 'Of findings that ask for one.', 'items' => [
            'type' => 'object',
            'required' => ['rule', 'explanation'],
            'properties' => [
                'week' => ['type' => ['string', 'null'], 'description' => 'Where the finding is about no day: `2026-W25`.'],
                'rule' => ['type' => 'string'],
                'taskNumber' => ['type' => ['integer', 'null'], 'description' => 'As the finding has it, and so are the others.'],
                'roleNumber' => ['type' => ['integer', 'null']],
                'date' => ['type' => ['string', 'null'], 'format' => 'date'],
                'explanation' => ['type' => 'string', 'maxLength' => ExplanationRequest::MOST],
            ],
        ]]];
    }

    public static function required(): array
    {
        return [];
    }

    /** What the numbers are called where they are read. */
    protected function prepareForValidation(): void
    {
        $explanations = $this->input('explanations');
        if (is_array($explanations)) {
            $this->merge(['explanations' => array_map(static fn (mixed $one): mixed => is_array($one) ? $one + ['task' => $one['taskNumber'] ?? null, 'role' => $one['roleNumber'] ?? null] : $one, $explanations)]);
        }
        parent::prepareForValidation();
    }

    public function submission(DayRange $days): Submission
    {
        $week = Week::containing($days->last());

        return new Submission(Selection::whole(), array_values(array_map(
            static fn (mixed $explanation): Explanation => ExplanationRequest::read(is_array($explanation) ? $explanation : [], $week), $this->array('explanations'),
        )));
    }
}
