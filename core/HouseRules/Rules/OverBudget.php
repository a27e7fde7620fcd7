<?php

declare(strict_types=1);

namespace Moss\Core\HouseRules\Rules;

use Moss\Core\HouseRules\CheckedSheet;
use Moss\Core\HouseRules\FindingPlace;
use Moss\Core\HouseRules\HouseRule;
use Moss\Core\HouseRules\Limit;
use Moss\Core\HouseRules\RuleResult;
use Moss\Core\HouseRules\RuleScope;
use Moss\Core\HouseRules\Severity;

/**
 * All that is entered on the project costs more than its budget. Once for each task.
 */
final readonly class OverBudget implements HouseRule
{
    public const CODE = 'over_budget';

    public function code(): string
    {
        return self::CODE;
    }

    public function concern(): RuleScope
    {
        return RuleScope::Entries;
    }

    public function limits(): null
    {
        return null;
    }

    public function defaultSeverity(): Severity
    {
        return Severity::Information;
    }

    public function findings(CheckedSheet $sheet, Limit $limit): array
    {
        $findings = [];
        foreach ($sheet->inQuestion() as $entry) {
            if ($entry->task->budgetIsSpent) {
                $findings[$entry->line->taskKey()] = new RuleResult(FindingPlace::line($entry->line), []);
            }
        }

        return array_values($findings);
    }
}
