<?php

declare(strict_types=1);

namespace App\Exchange\Kinds;

use App\Exchange\Codes;
use App\Exchange\CodeTable;
use App\Exchange\Column;
use App\Exchange\ExchangeText;
use App\Exchange\FileKind;
use App\Exchange\FileRow;
use App\Exchange\Formats\ChoiceFormat;
use App\Exchange\Formats\DayFormat;
use App\Exchange\Formats\WholeNumberFormat;
use App\Models\HouseRuleSetting;
use Illuminate\Database\Query\Builder;
use Moss\Core\HouseRules\RuleCode;
use Moss\Core\HouseRules\Severity;

/** `house_rules.csv`: house rules that are set otherwise than they begin, for everybody, a team or a project. */
final class HouseRulesKind extends FileKind
{
    public function name(): string
    {
        return 'house_rules';
    }

    public function isLeftOutWhenEmpty(): bool
    {
        return true;
    }

    public function columns(): array
    {
        return [
            Column::required('rule', new ChoiceFormat(...array_map(static fn (RuleCode $rule): string => $rule->value, RuleCode::cases()))),
            Column::required('severity', new ChoiceFormat(...array_map(static fn (Severity $severity): string => $severity->value, Severity::cases()))),
            Column::optional('limit', new WholeNumberFormat(0, 100_000_000), 0, 'limit_number'),
            Column::optional('from', DayFormat::ofWork(), null, 'starts_on'),
            Column::reference('team', CodeTable::Teams),
            Column::reference('project', CodeTable::Projects),
        ];
    }

    public function key(): array
    {
        return ['rule', 'team', 'project', 'from'];
    }

    public function codeColumns(): array
    {
        return ['rule'];
    }

    public function keyAttributes(): array
    {
        return ['rule', 'team_id', 'project_id', 'starts_on'];
    }

    public function check(FileRow $row, Codes $codes): array
    {
        return $row->value('team') !== null && $row->value('project') !== null ? [$row->problem('project', ExchangeText::get('expected.team_or_project'))] : [];
    }

    public function exported(): Builder
    {
        return HouseRuleSetting::query()->toBase()->leftJoin('teams', 'teams.id', 'house_rules.team_id')->leftJoin('projects', 'projects.id', 'house_rules.project_id')
            ->select('rule', 'severity', 'limit_number AS limit', 'house_rules.starts_on AS from', 'teams.code AS team', 'projects.code AS project')
            ->orderBy('rule')->orderBy('teams.code')->orderBy('projects.code')->orderBy('house_rules.starts_on');
    }
}
