<?php

declare(strict_types=1);

namespace Moss\Core\HouseRules;

/**
 * One check of the organisation. Each is a class of its own without state; AllRules lists them.
 */
interface HouseRule
{
    /** The same for good: settings and wording are stored under it. */
    public function code(): string;

    public function concern(): RuleScope;

    /** The numbers that it may be set with; null for a rule without one. */
    public function limits(): ?LimitRange;

    /** How it is set where the organisation has not said otherwise. */
    public function defaultSeverity(): Severity;

    /** @return list<RuleResult> */
    public function findings(CheckedSheet $sheet, Limit $limit): array;
}
