<?php

declare(strict_types=1);

namespace App\Features\Settings\Actions;

use App\Approval\RouteWaitingEntries;
use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Effort\Recalculation\EffortChanges;
use App\Effort\Recalculation\RecalculationScope;
use App\Effort\Recalculation\UpdateTotals;
use App\Features\Settings\Queries\OrganisationSetting;
use App\Models\Organisation;
use App\Models\Person;
use App\Models\ScheduledSetting;
use App\Support\Clock\Today;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;
use Moss\Core\Time\Minutes;

/** Changes a setting of the organisation at once, or plans the change for a day. */
final readonly class ChangeSetting
{
    public function __construct(private AuditTrail $auditTrail, private UpdateTotals $totals, private RouteWaitingEntries $routing, private Today $today)
    {
    }

    /**
     * @param  array<array-key, mixed>  $values  as the setting stores them
     * @return bool whether anything has changed
     *
     * @throws SettingRefused if the setting cannot be so
     */
    public function handle(?Person $by, OrganisationSetting $setting, array $values): bool
    {
        $columns = $setting->columns($values) ?? throw SettingRefused::because('value');
        if (is_int($columns['estimate_tolerance'] ?? null)) {
            $columns['estimate_tolerance'] = Minutes::of($columns['estimate_tolerance']);
        }
        $hasChanged = DB::transaction(function () use ($by, $setting, $columns): bool {
            $organisation = Organisation::query()->sole();
            $before = $setting->values($organisation);
            $organisation->update($columns);
            $after = $setting->values($organisation->unsetRelations());
            if ($before === $after) {
                return false;
            }
            $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Setting, $setting->value, 'set', $by, $before, $after)]);
            if ($setting === OrganisationSetting::Calendar) {
                $this->totals->handle((new EffortChanges)->widely(RecalculationScope::workingTime()));
            }

            return true;
        });
        if ($hasChanged && $setting === OrganisationSetting::Approval) {
            $this->routing->handle();
        }

        return $hasChanged;
    }

    /**
     * Another change of the same setting for the same day takes the place of the first.
     *
     * @param  array<array-key, mixed>  $values
     *
     * @throws SettingRefused
     */
    public function plan(Person $by, OrganisationSetting $setting, array $values, Day $from): void
    {
        if ($setting->columns($values) === null) {
            throw SettingRefused::because('value');
        }
        DB::transaction(function () use ($by, $setting, $values, $from): void {
            $kept = array_filter($values, static fn (mixed $value): bool => $value === null || is_string($value) || is_int($value));
            ScheduledSetting::query()->updateOrCreate(['setting' => $setting->value, 'starts_on' => $from->toString()], ['setting_values' => $kept, 'scheduled_by_id' => $by->id, 'scheduled_at' => $this->today->now()->format('Y-m-d\TH:i:s\Z')]);
            $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Setting, $setting->value, 'plan', $by, null, self::told($kept) + ['from' => $from->toString()])]);
        });
    }

    public function cancel(Person $by, ScheduledSetting $planned): void
    {
        DB::transaction(function () use ($by, $planned): void {
            $planned->delete();
            $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Setting, $planned->setting, 'cancel', $by, self::told($planned->setting_values) + ['from' => $planned->starts_on->toString()], null)]);
        });
    }

    /**
     * @param  array<array-key, string|int|null>  $values
     * @return array<string, string|int|null>
     */
    private static function told(array $values): array
    {
        $told = [];
        foreach ($values as $name => $value) {
            $told[(string) $name] = $value;
        }

        return $told;
    }
}
