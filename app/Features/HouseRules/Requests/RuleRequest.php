<?php

declare(strict_types=1);

namespace App\Features\HouseRules\Requests;

use App\Http\Input\BoundedRequest;
use App\Http\Input\WorkDay;
use App\Support\Language\Wording;
use Closure;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Validation\Rule;
use Moss\Core\HouseRules\AllRules;
use Moss\Core\HouseRules\HouseRule;
use Moss\Core\HouseRules\LimitUnit;
use Moss\Core\HouseRules\RuleScope;
use Moss\Core\HouseRules\Severity;
use Moss\Core\Time\HoursText;
use Moss\Core\Time\HoursTextRefused;

/** How a rule is to be set. A limit of time is written as hours are. */
final class RuleRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'rule' => ['required', Rule::in(array_map(static fn (HouseRule $rule): string => $rule->code(), AllRules::list()))],
            'severity' => ['required', Rule::enum(Severity::class)],
            'limit' => ['nullable', 'string', 'max:20'],
            'from' => ['nullable', new WorkDay],
            'team' => ['nullable', 'string', Rule::exists('teams', 'code')],
            'project' => ['nullable', 'string', Rule::exists('projects', 'code'), 'prohibits:team'],
        ];
    }

    /** @return list<Closure> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            if ($validator->errors()->isNotEmpty()) {
                return;
            }
            $limits = $this->rule()->limits();
            if ($limits !== null && ($this->limit() === null || ! $limits->includes($this->limit()))) {
                $validator->errors()->add('limit', Wording::refusal('rule.limit', [
                    'least' => $limits->unit === LimitUnit::Minutes ? intdiv($limits->least, 60) : $limits->least,
                    'most' => $limits->unit === LimitUnit::Minutes ? intdiv($limits->most, 60) : $limits->most,
                    'unit' => Wording::refusal('rule.units.'.$limits->unit->value),
                ]));
            }
            if ($this->input('project') !== null && $this->rule()->scope() === RuleScope::Sheet) {
                $validator->errors()->add('project', Wording::refusal('rule.no_project'));
            }
        }];
    }

    public function rule(): HouseRule
    {
        return AllRules::named($this->string('rule')->toString()) ?? AllRules::list()[0];
    }

    /** @return int|null the number in the unit of the rule; 0 for a rule without one, null where it cannot be read */
    public function limit(): ?int
    {
        $limits = $this->rule()->limits();
        $said = trim($this->string('limit')->toString());
        if ($limits === null) {
            return 0;
        }
        if ($limits->unit !== LimitUnit::Minutes) {
            return preg_match('/^\d{1,5}$/', $said) === 1 ? (int) $said : null;
        }
        try {
            return HoursText::ofPlan($said)->toInt();
        } catch (HoursTextRefused) {
            return null;
        }
    }
}
