<?php

declare(strict_types=1);

namespace App\Features\Settings\Actions;

use App\AuditTrail\AuditTrailSubject;
use App\Features\Settings\Queries\OrganisationSetting;
use App\Models\AuditTrailRow;
use App\Models\Organisation;
use App\Models\Person;

/** Sets what a line of the audit trail changed as it was before. */
final readonly class RestoreSetting
{
    public function __construct(private ChangeSetting $change)
    {
    }

    /**
     * @return bool whether anything has changed
     *
     * @throws SettingRefused if the line says nothing of what was before
     */
    public function handle(Person $by, AuditTrailRow $line): bool
    {
        $before = $line->before === null ? null : json_decode($line->before, true);
        if ($line->subject !== AuditTrailSubject::Setting->value || ! is_array($before)) {
            throw SettingRefused::because('lost');
        }
        $hasChanged = false;
        foreach (self::settings($line->name, $before) as $setting) {
            $hasChanged = $this->change->handle($by, $setting, $before + $setting->values(Organisation::query()->sole())) || $hasChanged;
        }

        return $hasChanged;
    }

    /**
     * @param  array<array-key, mixed>  $before
     * @return non-empty-list<OrganisationSetting>
     *
     * @throws SettingRefused
     */
    public static function settings(string $name, array $before): array
    {
        // The organisation's page saves several at once; its working week has days of its own.
        $settings = $name === 'organisation'
            ? array_values(array_filter(array_map(OrganisationSetting::tryFrom(...), array_map(strval(...), array_keys($before)))))
            : array_filter([OrganisationSetting::tryFrom($name)]);

        return $settings === [] ? throw SettingRefused::because('lost') : $settings;
    }
}
