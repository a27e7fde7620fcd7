<?php

declare(strict_types=1);

namespace App\Features\Settings\Props;

/** The organisation's settings. */
final readonly class SettingsProps
{
    /**
     * @param  list<SettingValueProps>  $settings
     * @param  list<string>  $calendars  codes
     * @param  list<PlannedSettingProps>  $planned  the earliest first
     * @param  list<SettingChangeProps>  $changes  the latest first
     * @param  int  $toAnonymise  people who left longer ago than is set, and are not anonymised yet
     */
    public function __construct(public array $settings, public array $calendars, public array $planned, public array $changes, public string $today, public int $toAnonymise)
    {
    }
}
