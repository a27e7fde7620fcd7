<?php

declare(strict_types=1);

namespace App\Features\HouseRules\Props;

use Moss\Core\HouseRules\LimitUnit;

/** A house rule with its settings. */
final readonly class RuleProps
{
    /**
     * @param  string|null  $limit  what its number is called; null for a rule without one
     * @param  bool  $mayBeOfProject  whether it looks at single entries, so that it can be set for one project
     * @param  list<RuleSettingProps>  $settings  the usual one first
     */
    public function __construct(
        public string $code,
        public string $name,
        public ?string $limit,
        public ?LimitUnit $unit,
        public int $least,
        public int $most,
        public bool $mayBeOfProject,
        public array $settings,
    ) {
    }
}
