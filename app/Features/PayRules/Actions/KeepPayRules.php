<?php

declare(strict_types=1);

namespace App\Features\PayRules\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Models\PayRule;
use App\Models\Person;
use Illuminate\Support\Facades\DB;

/** Adds, changes and removes pay rules. What was approved stays as it is. */
final readonly class KeepPayRules
{
    public function __construct(private AuditTrail $auditTrail)
    {
    }

    /**
     * @param  PayRule  $rule  new, or one that there is
     * @param  array<string, mixed>  $values  by column
     * @return bool false if there is another for the same people from the same day on
     */
    public function save(Person $by, PayRule $rule, array $values): bool
    {
        return DB::transaction(function () use ($by, $rule, $values): bool {
            $before = $rule->exists ? self::told($rule) : null;
            $rule->fill($values);
            $same = PayRule::query()->where('starts_on', $rule->starts_on?->toString())->where('team_id', $rule->team_id)->where('person_id', $rule->person_id);
            if ($same->when($rule->exists, static fn ($others) => $others->whereKeyNot($rule->id))->exists()) {
                return false;
            }
            $rule->save();
            $after = self::told($rule->unsetRelations());
            if ($before !== $after) {
                $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::PayRule, self::name($rule), $before === null ? 'add' : 'change', $by, $before === null ? null : array_diff_assoc($before, $after), $before === null ? $after : array_diff_assoc($after, $before))]);
            }

            return true;
        });
    }

    public function remove(Person $by, PayRule $rule): void
    {
        DB::transaction(function () use ($by, $rule): void {
            $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::PayRule, self::name($rule), 'remove', $by, self::told($rule), null)]);
            $rule->delete();
        });
    }

    private static function name(PayRule $rule): string
    {
        return $rule->person->code ?? $rule->team->code ?? '';
    }

    /** @return array<string, string|int|null> as the audit trail tells it */
    private static function told(PayRule $rule): array
    {
        $yes = static fn (bool $is): string => $is ? 'yes' : 'no';

        return AuditTrailLine::told([
            'starts_on' => $rule->starts_on, 'team' => $rule->team?->code, 'person' => $rule->person?->code, 'daily_over' => $rule->daily_over, 'daily_double_over' => $rule->daily_double_over,
            'weekly_over' => $rule->weekly_over, 'seventh_day' => $yes($rule->seventh_day), 'seventh_double_over' => $rule->seventh_double_over, 'sundays' => $yes($rule->sundays), 'holidays' => $yes($rule->holidays),
            'night_starts_at' => $rule->night_starts_at, 'night_ends_at' => $rule->night_ends_at, 'falls_on' => $rule->falls_on, 'seventh_across_weeks' => $yes($rule->seventh_across_weeks),
            'overtime_cost_percent' => $rule->overtime_cost_percent, 'double_cost_percent' => $rule->double_cost_percent, 'night_cost_percent' => $rule->night_cost_percent, 'sunday_cost_percent' => $rule->sunday_cost_percent, 'holiday_cost_percent' => $rule->holiday_cost_percent,
        ]);
    }
}
