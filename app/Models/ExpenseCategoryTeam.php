<?php

declare(strict_types=1);

namespace App\Models;

/**
 * A team that may use a category.
 *
 * @property int $id
 * @property int $expense_category_id
 * @property int $team_id
 */
final class ExpenseCategoryTeam extends Model
{
    protected $table = 'expense_category_teams';

    public $timestamps = false;

    protected $fillable = ['expense_category_id', 'team_id'];
}
