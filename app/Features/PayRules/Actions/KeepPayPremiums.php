<?php

declare(strict_types=1);

namespace App\Features\PayRules\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Models\EntryPayChoice;
use App\Models\EntryPayKind;
use App\Models\PayPremium;
use App\Models\Person;
use Illuminate\Support\Facades\DB;

/** Adds, changes and removes premiums. What was approved stays as it is. */
final readonly class KeepPayPremiums
{
    public function __construct(private AuditTrail $auditTrail)
    {
    }

    /**
     * @param  PayPremium  $premium  new, or one that there is, which keeps its code
     * @param  array{code: string, name: string, is_work: bool, active: bool, cost_percent: int}  $values
     * @param  list<int>  $teams  whose people may use it; without teams and people, everybody may
     * @param  list<int>  $people
     */
    public function save(Person $by, PayPremium $premium, array $values, array $teams, array $people): void
    {
        DB::transaction(function () use ($by, $premium, $values, $teams, $people): void {
            $before = $premium->exists ? self::told($premium) : null;
            $premium->fill($premium->exists ? ['code' => $premium->code] + $values : $values)->save();
            $premium->teams()->sync($teams);
            $premium->people()->sync($people);
            $after = self::told($premium->unsetRelations());
            if ($before !== $after) {
                $this->note($by, $premium, $before === null ? 'add' : 'change', $before === null ? null : array_diff_assoc($before, $after), $before === null ? $after : array_diff_assoc($after, $before));
            }
        });
    }

    /** @return bool false if time is paid as it, or was asked to be; it can only be taken out of use then */
    public function remove(Person $by, PayPremium $premium): bool
    {
        return DB::transaction(function () use ($by, $premium): bool {
            if (EntryPayKind::query()->where('pay_premium_id', $premium->id)->exists() || EntryPayChoice::query()->where('pay_premium_id', $premium->id)->exists()) {
                return false;
            }
            $this->note($by, $premium, 'remove', self::told($premium), null);
            $premium->delete();

            return true;
        });
    }

    /**
     * @param  array<string, string|int|null>|null  $before
     * @param  array<string, string|int|null>|null  $after
     */
    private function note(Person $by, PayPremium $premium, string $act, ?array $before, ?array $after): void
    {
        $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::PayPremium, $premium->code, $act, $by, $before, $after)]);
    }

    /** @return array<string, string|int|null> as the audit trail tells it */
    private static function told(PayPremium $premium): array
    {
        return AuditTrailLine::told([
            'name' => $premium->name, 'active' => (int) $premium->active, 'is_work' => (int) $premium->is_work, 'cost_percent' => $premium->cost_percent,
            'teams' => $premium->teams->pluck('code')->implode(', '), 'people' => $premium->people->pluck('code')->implode(', '),
        ]);
    }
}
