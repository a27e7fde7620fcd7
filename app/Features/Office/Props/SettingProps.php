<?php

declare(strict_types=1);

namespace App\Features\Office\Props;

/** When and by whom something was last set. */
final readonly class SettingProps
{
    public function __construct(public SettingName $name, public ?string $changedAt, public ?string $changedBy)
    {
    }
}
