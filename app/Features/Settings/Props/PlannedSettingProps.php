<?php

declare(strict_types=1);

namespace App\Features\Settings\Props;

use App\Features\Settings\Queries\OrganisationSetting;

/** A setting that is to hold from a day on. */
final readonly class PlannedSettingProps
{
    /** @param  array<string, string>  $values  as text, empty for none */
    public function __construct(public int $id, public OrganisationSetting $setting, public string $from, public array $values, public string $by)
    {
    }
}
