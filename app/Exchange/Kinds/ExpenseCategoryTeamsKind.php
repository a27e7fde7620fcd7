<?php

declare(strict_types=1);

namespace App\Exchange\Kinds;

use App\Exchange\CodeTable;
use App\Exchange\Column;
use App\Exchange\FileKind;
use App\Models\ExpenseCategoryTeam;
use Illuminate\Database\Query\Builder;

/** `expense_category_teams.csv`: which teams may use a category; without any, everybody may. */
final class ExpenseCategoryTeamsKind extends FileKind
{
    public function name(): string
    {
        return 'expense_category_teams';
    }

    public function isLeftOutWhenEmpty(): bool
    {
        return true;
    }

    public function columns(): array
    {
        return [Column::ofCode('category', CodeTable::ExpenseCategories, 'expense_category_id'), Column::reference('team', CodeTable::Teams, true)];
    }

    public function key(): array
    {
        return ['category', 'team'];
    }

    public function keyAttributes(): array
    {
        return ['expense_category_id', 'team_id'];
    }

    public function exported(): Builder
    {
        return ExpenseCategoryTeam::query()->toBase()->join('expense_categories', 'expense_categories.id', 'expense_category_teams.expense_category_id')->join('teams', 'teams.id', 'expense_category_teams.team_id')
            ->select('expense_categories.code AS category', 'teams.code AS team')->orderBy('expense_categories.code')->orderBy('teams.code');
    }
}
