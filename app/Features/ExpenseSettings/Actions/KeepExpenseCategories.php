<?php

declare(strict_types=1);

namespace App\Features\ExpenseSettings\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Models\Expense;
use App\Models\ExpenseCategory;
use App\Models\MileageRate;
use App\Models\Person;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;

/** Adds, changes and removes categories of expenses and their mileage rates. Expenses keep what they were worked out with. */
final readonly class KeepExpenseCategories
{
    public function __construct(private AuditTrail $auditTrail)
    {
    }

    /**
     * @param  ExpenseCategory  $category  new, or one that there is
     * @param  array<string, mixed>  $values  by column
     * @param  list<int>  $teams  who may use it; none for everybody
     */
    public function save(Person $by, ExpenseCategory $category, array $values, array $teams): void
    {
        DB::transaction(function () use ($by, $category, $values, $teams): void {
            $before = $category->exists ? self::told($category) : null;
            $category->fill($values)->save();
            $category->teams()->sync($teams);
            $after = self::told($category->unsetRelations());
            if ($before !== $after) {
                $this->note($by, $category, $before === null ? 'add' : 'change', $before === null ? null : array_diff_assoc($before, $after), $before === null ? $after : array_diff_assoc($after, $before));
            }
        });
    }

    /** @return bool false if expenses have it; it can only be taken out of use then */
    public function remove(Person $by, ExpenseCategory $category): bool
    {
        return DB::transaction(function () use ($by, $category): bool {
            if (Expense::query()->where('expense_category_id', $category->id)->exists()) {
                return false;
            }
            $this->note($by, $category, 'remove', self::told($category), null);
            $category->delete();

            return true;
        });
    }

    /** From a day on; one of the same day is replaced. */
    public function setMileageRate(Person $by, ExpenseCategory $category, Day $from, string $rate): void
    {
        DB::transaction(function () use ($by, $category, $from, $rate): void {
            $before = MileageRate::query()->where('expense_category_id', $category->id)->where('starts_on', $from->toString())->first()?->rate;
            MileageRate::query()->updateOrCreate(['expense_category_id' => $category->id, 'starts_on' => $from->toString()], ['rate' => $rate]);
            $this->note($by, $category, 'change', $before === null ? null : ['mileage_rate' => $before, 'from' => $from->toString()], ['mileage_rate' => $rate, 'from' => $from->toString()]);
        });
    }

    public function removeMileageRate(Person $by, MileageRate $rate): void
    {
        DB::transaction(function () use ($by, $rate): void {
            $this->note($by, ExpenseCategory::query()->findOrFail($rate->expense_category_id), 'change', ['mileage_rate' => $rate->rate, 'from' => $rate->starts_on->toString()], null);
            $rate->delete();
        });
    }

    /**
     * @param  array<string, string|int|null>|null  $before
     * @param  array<string, string|int|null>|null  $after
     */
    private function note(Person $by, ExpenseCategory $category, string $act, ?array $before, ?array $after): void
    {
        $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::ExpenseSetting, $category->code, $act, $by, $before, $after)]);
    }

    /** @return array<string, string|int|null> */
    private static function told(ExpenseCategory $category): array
    {
        return AuditTrailLine::told([
            'name' => $category->name, 'active' => (int) $category->active, 'mileage' => (int) $category->mileage, 'reclaims_tax' => (int) $category->reclaims_tax, 'charged' => (int) $category->charged,
            'tax_shares' => json_encode($category->tax_shares, JSON_THROW_ON_ERROR), 'limit' => $category->limit_cents, 'limit_per' => $category->limit_per, 'teams' => $category->teams->pluck('code')->implode(', '),
        ]);
    }
}
