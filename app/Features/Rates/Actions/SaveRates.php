<?php

declare(strict_types=1);

namespace App\Features\Rates\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Effort\Recalculation\EffortChanges;
use App\Effort\Recalculation\UpdateTotals;
use App\Models\Person;
use App\Models\Rate;
use App\Models\Role;
use Illuminate\Support\Facades\DB;
use Moss\Core\Money\Rate as Money;

/** Sets a rate from a day on, or takes it away; what was recorded since then costs accordingly, at once. */
final readonly class SaveRates
{
    public function __construct(private AuditTrail $auditTrail, private UpdateTotals $totals)
    {
    }

    /**
     * @param  string  $from  a day
     * @param  string  $cost  per hour, a decimal with a dot
     * @param  string|null  $bill  the same; null for none
     */
    public function set(Person $office, ?Person $person, ?Role $role, string $from, string $cost, ?string $bill): void
    {
        $after = ['cost_rate' => Money::of($cost)->toString(), 'bill_rate' => $bill === null ? null : Money::of($bill)->toString()];
        DB::transaction(function () use ($office, $person, $role, $from, $after): void {
            $rate = Rate::query()->firstOrNew(['person_id' => $person?->id, 'role_id' => $role?->id, 'starts_on' => $from]);
            $before = $rate->exists ? ['cost_rate' => $rate->cost_rate, 'bill_rate' => $rate->bill_rate] : null;
            if ($before !== $after) {
                $rate->fill($after)->save();
                $this->totals->handle(self::changes($rate));
                $this->trace($office, $rate, 'save', $before, $after);
            }
        });
    }

    public function remove(Person $office, Rate $rate): void
    {
        DB::transaction(function () use ($office, $rate): void {
            $this->trace($office, $rate, 'remove', ['cost_rate' => $rate->cost_rate, 'bill_rate' => $rate->bill_rate], null);
            $rate->delete();
            $this->totals->handle(self::changes($rate));
        });
    }

    /** What time costs from the day of the rate on. */
    private static function changes(Rate $rate): EffortChanges
    {
        return (new EffortChanges)->costOf($rate->person_id, $rate->role_id, $rate->starts_on);
    }

    /**
     * @param  array<string, string|null>|null  $before
     * @param  array<string, string|null>|null  $after
     */
    private function trace(Person $office, Rate $rate, string $act, ?array $before, ?array $after): void
    {
        $role = $rate->role_id === null ? null : Role::query()->findOrFail($rate->role_id)->code;
        $person = $rate->person_id === null ? null : Person::query()->findOrFail($rate->person_id)->code;
        $name = implode(' ', array_filter([$person, $role], static fn (?string $part): bool => $part !== null)).', '.$rate->starts_on->toString();
        $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Rate, $name, $act, $office, $before, $after, $rate->person_id)]);
    }
}
