<?php

declare(strict_types=1);

namespace App\Features\HouseRules\Props;

use Moss\Core\HouseRules\Severity;

/** How a rule is set, for whom and from when. */
final readonly class RuleSettingProps
{
    /**
     * @param  int|null  $id  null for the default
     * @param  string|null  $from  the first day; null from the beginning
     * @param  string|null  $for  name of the team or project; null for everybody
     */
    public function __construct(public ?int $id, public Severity $severity, public int $limit, public ?string $from, public ?string $for)
    {
    }
}
