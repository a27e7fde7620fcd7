<?php

declare(strict_types=1);

namespace App\Features\Settings\Props;

use App\AuditTrail\Props\AuditTrailRowProps;

/** A change of a setting, and whether it can be taken back. */
final readonly class SettingChangeProps
{
    public function __construct(public AuditTrailRowProps $line, public bool $canBeRestored)
    {
    }
}
