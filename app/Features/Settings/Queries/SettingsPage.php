<?php

declare(strict_types=1);

namespace App\Features\Settings\Queries;

use App\AuditTrail\AuditTrailSearch;
use App\AuditTrail\AuditTrailSubject;
use App\AuditTrail\Props\AuditTrailRowProps;
use App\Features\PersonalData\Queries\LongGonePeople;
use App\Features\Settings\Actions\RestoreSetting;
use App\Features\Settings\Actions\SettingRefused;
use App\Features\Settings\Props\PlannedSettingProps;
use App\Features\Settings\Props\SettingChangeProps;
use App\Features\Settings\Props\SettingsProps;
use App\Features\Settings\Props\SettingValueProps;
use App\Models\AuditTrailRow;
use App\Models\Calendar;
use App\Models\Organisation;
use App\Models\Person;
use App\Models\ScheduledSetting;
use Moss\Core\Calendar\Day;

/** What holds, what is planned and what held before; in a fixed number of queries. */
final readonly class SettingsPage
{
    public function __construct(private AuditTrailSearch $auditTrail)
    {
    }

    public function of(Person $office, Day $today): SettingsProps
    {
        $organisation = Organisation::query()->with('calendar')->sole();
        $lines = $this->auditTrail->of($office, '', AuditTrailSubject::Setting, null, null, null)->rows;
        $stored = AuditTrailRow::query()->whereIntegerInRaw('id', array_map(static fn (AuditTrailRowProps $line): int => $line->id, $lines))->get()->keyBy('id');

        return new SettingsProps(
            array_map(static fn (OrganisationSetting $setting): SettingValueProps => new SettingValueProps($setting, array_map(strval(...), $setting->values($organisation))), OrganisationSetting::cases()),
            array_values(array_map(static fn (Calendar $one): string => $one->code, Calendar::query()->orderBy('code')->get()->all())),
            self::planned(),
            array_map(static fn (AuditTrailRowProps $line): SettingChangeProps => new SettingChangeProps($line, self::canBeRestored($stored->get($line->id))), $lines),
            $today->toString(),
            LongGonePeople::on($today)?->count() ?? 0,
        );
    }

    /** @return list<PlannedSettingProps> */
    private static function planned(): array
    {
        $planned = [];
        foreach (ScheduledSetting::query()->with('scheduledBy')->orderBy('starts_on')->orderBy('id')->get() as $one) {
            $setting = OrganisationSetting::tryFrom($one->setting);
            if ($setting !== null) {
                $planned[] = new PlannedSettingProps($one->id, $setting, $one->starts_on->toString(), array_map(strval(...), $one->setting_values), $one->scheduledBy->name);
            }
        }

        return $planned;
    }

    private static function canBeRestored(?AuditTrailRow $line): bool
    {
        $before = $line?->before === null ? null : json_decode($line->before, true);
        if ($line === null || ! is_array($before) || in_array($line->act, ['plan', 'cancel'], true)) {
            return false;
        }
        try {
            RestoreSetting::settings($line->name, $before);

            return true;
        } catch (SettingRefused) {
            return false;
        }
    }
}
