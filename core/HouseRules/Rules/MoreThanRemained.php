<?php

declare(strict_types=1);

namespace Moss\Core\HouseRules\Rules;

use Moss\Core\HouseRules\CheckedSheet;
use Moss\Core\HouseRules\FindingPlace;
use Moss\Core\HouseRules\HouseRule;
use Moss\Core\HouseRules\Limit;
use Moss\Core\HouseRules\LimitRange;
use Moss\Core\HouseRules\LimitUnit;
use Moss\Core\HouseRules\RuleResult;
use Moss\Core\HouseRules\RuleScope;
use Moss\Core\HouseRules\Severity;

/**
 * More is entered on a project task than remained of it, by more than the limit. Once for each task.
 */
final readonly class MoreThanRemained implements HouseRule
{
    public const CODE = 'more_than_remained';

    public function code(): string
    {
        return self::CODE;
    }

    public function concern(): RuleScope
    {
        return RuleScope::Entries;
    }

    public function limits(): LimitRange
    {
        return new LimitRange(LimitUnit::Minutes, 0, 60000, 0);
    }

    public function defaultSeverity(): Severity
    {
        return Severity::NeedsExplanation;
    }

    public function findings(CheckedSheet $sheet, Limit $limit): array
    {
        $findings = [];
        foreach ($sheet->inQuestion() as $entry) {
            $over = $entry->task->over;
            if (! $entry->task->isInternal && $over?->isMoreThan($limit->minutes())) {
                $findings[$entry->line->taskKey()] = new RuleResult(FindingPlace::line($entry->line), ['over' => $over]);
            }
        }

        return array_values($findings);
    }
}
