<?php

declare(strict_types=1);

namespace App\Features\Intake\Props;

/** Who may request work. */
final readonly class IntakeSettingsProps
{
    /** @param  list<IntakeLinkProps>  $links  that work */
    public function __construct(public bool $isOpen, public array $links, public string $today)
    {
    }
}
