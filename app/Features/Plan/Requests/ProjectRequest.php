<?php

declare(strict_types=1);

namespace App\Features\Plan\Requests;

use App\Features\Plan\Actions\PlanText;
use App\Features\Plan\Actions\ProjectSettings;
use App\Http\Input\BoundedRequest;
use App\Http\Input\NotBefore;
use App\Http\Input\WorkDay;
use App\Lookup\PersonByName;
use App\OwnFields\TypedFields;
use App\Support\Language\Wording;
use Closure;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Moss\Core\Calendar\Day;
use Moss\Core\Effort\EstimateMode;

/** What a project is. A new one may have a code and say about how much it will be. */
class ProjectRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:200'],
            'code' => ['nullable', 'string', 'regex:/^[A-Za-z0-9._-]{1,32}$/D'],
            'client' => ['nullable', 'string', 'max:200'],
            'manager' => ['required', 'string', 'max:200', function (string $attribute, mixed $said, Closure $fail): void {
                $manager = is_string($said) ? PersonByName::find($said) : null;
                if ($manager === null || $manager->isViewer()) {
                    $fail(Wording::refusal('plan_row.manager_missing'));
                }
            }],
            'startsOn' => ['nullable', new WorkDay(Wording::refusal('plan_row.startsOn_missing'))],
            'endsOn' => ['nullable', new WorkDay(Wording::refusal('plan_row.endsOn_missing')), new NotBefore('startsOn', Wording::refusal('plan_row.reversed'))],
            'hours' => ['nullable', 'string', 'max:50'],
            'billable' => ['boolean'],
            'isOpen' => ['boolean'],
            'withPeople' => ['boolean'],
            'estimateMode' => ['nullable', Rule::enum(EstimateMode::class)],
            ...TypedFields::rules('fields'),
        ];
    }

    /** @return list<Closure> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            $fault = $validator->errors()->isEmpty() ? PlanText::faultOfDays($this->settings()->startsOn, $this->settings()->endsOn) : null;
            if ($fault !== null) {
                $validator->errors()->add('endsOn', $fault);
            }
        }];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.required' => Wording::refusal('plan_row.name_missing'),
            'code.regex' => Wording::refusal('plan_row.code_form'),
            'manager.required' => Wording::refusal('plan_row.manager_missing'),
        ];
    }

    public function settings(): ProjectSettings
    {
        $text = fn (string $name): ?string => $this->filled($name) ? trim($this->string($name)->toString()) : null;
        $day = static fn (string $name): ?Day => $text($name) === null ? null : Day::of($text($name));

        return new ProjectSettings(
            trim($this->string('name')->toString()), $text('client') ?? '', PersonByName::find($this->string('manager')->toString())->code ?? '', $day('startsOn'), $day('endsOn'),
            $this->boolean('billable', true), $this->boolean('isOpen', true), $text('estimateMode'), TypedFields::texts($this->array('fields')),
        );
    }

    public function code(): string
    {
        return trim($this->string('code')->toString());
    }
}
