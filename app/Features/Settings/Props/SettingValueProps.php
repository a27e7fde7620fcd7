<?php

declare(strict_types=1);

namespace App\Features\Settings\Props;

use App\Features\Settings\Queries\OrganisationSetting;

/** What a setting is now. */
final readonly class SettingValueProps
{
    /** @param  array<string, string>  $values  as text, empty for none */
    public function __construct(public OrganisationSetting $setting, public array $values)
    {
    }
}
