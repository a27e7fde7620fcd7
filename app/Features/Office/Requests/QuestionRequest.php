<?php

declare(strict_types=1);

namespace App\Features\Office\Requests;

use App\Http\Input\BoundedRequest;
use App\Http\Input\WorkDay;
use App\Models\QuestionKind;
use Illuminate\Validation\Rule;

final class QuestionRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'wording' => ['required', 'string', 'max:500'],
            'kind' => ['required', Rule::enum(QuestionKind::class)],
            'choices' => ['nullable', 'string', 'max:1000', 'required_if:kind,'.QuestionKind::Choice->value],
            'required' => ['required', 'boolean'],
            'from' => ['required', new WorkDay],
        ];
    }

    /** @return array{wording: string, kind: QuestionKind, choices: list<string>, required: bool, starts_on: string} */
    public function question(): array
    {
        $kind = QuestionKind::from($this->string('kind')->toString());
        $choices = array_map(trim(...), preg_split('/[\n,]/', $this->string('choices')->toString()) ?: []);

        return [
            'wording' => trim($this->string('wording')->toString()),
            'kind' => $kind,
            'choices' => $kind === QuestionKind::Choice ? array_values(array_unique(array_filter($choices, static fn (string $choice): bool => $choice !== ''))) : [],
            'required' => $this->boolean('required'),
            'starts_on' => $this->string('from')->toString(),
        ];
    }
}
