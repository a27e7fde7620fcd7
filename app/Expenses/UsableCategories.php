<?php

declare(strict_types=1);

namespace App\Expenses;

use App\Models\ExpenseCategory;
use App\Models\ExpenseCategoryTeam;
use App\Models\Person;
use Illuminate\Database\Eloquent\Builder;

/** The categories that a person may use: those in use, and open to everybody or their team. */
final class UsableCategories
{
    /** @return Builder<ExpenseCategory> */
    public static function of(Person $person): Builder
    {
        $teams = ExpenseCategoryTeam::query()->whereColumn('expense_category_id', 'expense_categories.id');

        return ExpenseCategory::query()->where('active', true)
            ->where(static fn (Builder $open) => $open->whereNotExists(clone $teams)->orWhereExists((clone $teams)->where('team_id', $person->team_id)))
            ->orderBy('name')->orderBy('id');
    }
}
