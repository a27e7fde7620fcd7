<?php

declare(strict_types=1);

namespace App\Features\HouseRules\Queries;

use App\Models\HouseRuleSetting;
use App\Support\Database\Record;
use Moss\Core\Calendar\Day;
use Moss\Core\HouseRules\AllRules;
use Moss\Core\HouseRules\HouseRules;
use Moss\Core\HouseRules\Limit;
use Moss\Core\HouseRules\RuleSetting;
use Moss\Core\HouseRules\Severity;

/** The house rules as the office has set them, in one query. */
final class RulesInForce
{
    public static function load(): HouseRules
    {
        $query = HouseRuleSetting::query()->toBase()
            ->leftJoin('teams', 'teams.id', 'house_rules.team_id')
            ->leftJoin('projects', 'projects.id', 'house_rules.project_id')
            ->select('house_rules.rule', 'house_rules.severity', 'house_rules.limit_number', 'house_rules.starts_on', 'teams.code AS team', 'projects.code AS project')
            ->orderBy('house_rules.id');
        $settings = [];
        foreach (Record::all($query) as $record) {
            $rule = AllRules::named($record->string('rule'));
            $from = $record->stringOrNull('starts_on');
            // A rule that there is no longer is set in vain.
            if ($rule !== null) {
                $settings[] = new RuleSetting(
                    $rule,
                    Severity::from($record->string('severity')),
                    Limit::of($record->int('limit_number')),
                    $from === null ? null : Day::of($from),
                    $record->stringOrNull('team'),
                    $record->stringOrNull('project'),
                );
            }
        }

        return HouseRules::of($settings);
    }
}
