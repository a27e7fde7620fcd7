<?php

declare(strict_types=1);

namespace App\Exchange\Kinds;

use App\Exchange\CodeTable;
use App\Exchange\Column;
use App\Exchange\FileKind;
use App\Models\PayPremiumTeam;
use Illuminate\Database\Query\Builder;

/** `pay_premium_teams.csv`: whose people may use a premium; without teams and people, everybody may. */
final class PayPremiumTeamsKind extends FileKind
{
    public function name(): string
    {
        return 'pay_premium_teams';
    }

    public function isLeftOutWhenEmpty(): bool
    {
        return true;
    }

    public function columns(): array
    {
        return [Column::ofCode('premium', CodeTable::PayPremiums, 'pay_premium_id'), Column::reference('team', CodeTable::Teams, true)];
    }

    public function key(): array
    {
        return ['premium', 'team'];
    }

    public function keyAttributes(): array
    {
        return ['pay_premium_id', 'team_id'];
    }

    public function exported(): Builder
    {
        return PayPremiumTeam::query()->toBase()->join('pay_premiums', 'pay_premiums.id', 'pay_premium_teams.pay_premium_id')->join('teams', 'teams.id', 'pay_premium_teams.team_id')
            ->select('pay_premiums.code AS premium', 'teams.code AS team')->orderBy('pay_premiums.code')->orderBy('teams.code');
    }
}
