<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * One act of deciding on submitted expenses.
 *
 * @property int $id
 * @property string $at
 * @property int $actor_id
 * @property string $decision
 * @property string $comment
 * @property int $expenses
 * @property string|null $undone_at
 * @property-read Collection<int, DecidedExpense> $decided
 */
final class ExpenseDecision extends Model
{
    protected $table = 'expense_decisions';

    public $timestamps = false;

    protected $fillable = ['at', 'actor_id', 'decision', 'comment', 'expenses', 'undone_at'];

    /** @return HasMany<DecidedExpense, $this> */
    public function decided(): HasMany
    {
        return $this->hasMany(DecidedExpense::class);
    }

    /** Whether nobody has acted on any of it since; an expense that is gone was removed by its owner. */
    public function canBeUndone(): bool
    {
        return $this->decided->count() === $this->expenses && $this->decided->every(static fn (DecidedExpense $one): bool => $one->canBeUndone());
    }
}
