<?php

declare(strict_types=1);

namespace Moss\Core\Leave;

/**
 * How one person stands with one kind of absence in one year, in half days.
 *
 * left = allowance + carried over − approved; the carried over is what was left of the year before, never below 0 and never more than
 * the rule says. What is only requested is not taken off.
 */
final readonly class LeaveBalance
{
    private function __construct(public int $year, public int $allowance, public int $carriedOver, public int $approved, public int $requested)
    {
    }

    /**
     * @param  array<int, int>  $own  allowances of the person that differ from the rule's, by year
     * @param  array<int, int>  $approved  half days by year
     * @param  array<int, int>  $requested  half days by year
     * @return self|null null for a year before the rule's first
     */
    public static function of(AllowanceRule $rule, int $year, array $own, array $approved, array $requested): ?self
    {
        $balance = null;
        for ($each = $rule->firstYear; $each <= $year; $each++) {
            $carried = $balance === null ? 0 : max(0, min($rule->carriedAtMost, $balance->left()));
            $balance = new self($each, $own[$each] ?? $rule->halfDays, $carried, $approved[$each] ?? 0, $requested[$each] ?? 0);
        }

        return $balance;
    }

    /** Half days that can still be taken; below 0 where more were approved than there were. */
    public function left(): int
    {
        return $this->allowance + $this->carriedOver - $this->approved;
    }

    /** What would be left if all that is requested were approved. */
    public function leftAfterRequests(): int
    {
        return $this->left() - $this->requested;
    }
}
