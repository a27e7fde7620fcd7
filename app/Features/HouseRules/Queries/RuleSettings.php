<?php

declare(strict_types=1);

namespace App\Features\HouseRules\Queries;

use App\Features\HouseRules\Props\HouseRulesProps;
use App\Features\HouseRules\Props\RuleProps;
use App\Features\HouseRules\Props\RuleSettingProps;
use App\Models\HouseRuleSetting;
use App\Support\Database\Record;
use App\Support\Database\Sql;
use App\Support\Language\Wording;
use Moss\Core\Calendar\Day;
use Moss\Core\HouseRules\AllRules;
use Moss\Core\HouseRules\HouseRule;
use Moss\Core\HouseRules\RuleScope;
use Moss\Core\HouseRules\Severity;

/** Every rule with how it is set. */
final class RuleSettings
{
    public function of(Day $today): HouseRulesProps
    {
        $query = HouseRuleSetting::query()->toBase()->leftJoin('teams', 'teams.id', 'house_rules.team_id')->leftJoin('projects', 'projects.id', 'house_rules.project_id')
            ->select('house_rules.id', 'house_rules.rule', 'house_rules.severity', 'house_rules.limit_number', 'house_rules.starts_on')
            ->addSelect(Sql::first(['teams.name', 'projects.name'], 'name'))
            ->orderByDesc(Sql::isNull('house_rules.project_id'))->orderByDesc(Sql::isNull('house_rules.team_id'))->orderBy('name')->orderBy('house_rules.starts_on');
        $set = [];
        foreach (Record::all($query) as $record) {
            $set[$record->string('rule')][] = new RuleSettingProps(
                $record->int('id'), Severity::from($record->string('severity')), $record->int('limit_number'), $record->stringOrNull('starts_on'), $record->stringOrNull('name'),
            );
        }

        return new HouseRulesProps(
            array_map(static fn (HouseRule $rule): RuleProps => self::rule($rule, $set[$rule->code()] ?? []), AllRules::list()),
            $today->toString(),
        );
    }

    /** @param  list<RuleSettingProps>  $set */
    private static function rule(HouseRule $rule, array $set): RuleProps
    {
        $limits = $rule->limits();

        return new RuleProps(
            $rule->code(),
            Wording::of('findings.'.$rule->code().'.name'),
            $limits === null ? null : Wording::of('findings.'.$rule->code().'.limit'),
            $limits?->unit,
            $limits->least ?? 0,
            $limits->most ?? 0,
            $rule->scope() !== RuleScope::Sheet,
            [new RuleSettingProps(null, $rule->defaultSeverity(), $limits->usual ?? 0, null, null), ...$set],
        );
    }
}
