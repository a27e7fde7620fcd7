<?php

declare(strict_types=1);

namespace App\Features\Settings\Actions;

use App\Features\Settings\Queries\OrganisationSetting;
use App\Models\ScheduledSetting;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Log;
use Moss\Core\Calendar\Day;

/** Lets planned settings hold on their day, the earliest first; one that no longer can is dropped and logged. */
final readonly class ApplyPlannedSettings
{
    public function __construct(private ChangeSetting $change)
    {
    }

    /** @return int how many hold now */
    public function handle(Day $today): int
    {
        $count = 0;
        foreach (ScheduledSetting::query()->with('scheduledBy')->where('starts_on', '<=', $today->toString())->orderBy('starts_on')->orderBy('id')->get() as $planned) {
            $setting = OrganisationSetting::tryFrom($planned->setting);
            try {
                DB::transaction(function () use ($planned, $setting): void {
                    $planned->delete();
                    if ($setting !== null) {
                        $this->change->handle($planned->scheduledBy, $setting, $planned->setting_values);
                    }
                });
                $count++;
            } catch (SettingRefused) {
                ScheduledSetting::query()->whereKey($planned->id)->delete();
                Log::warning('A planned setting can no longer hold.', ['setting' => $planned->setting]);
            }
        }

        return $count;
    }
}
