<?php

declare(strict_types=1);

namespace Moss\Core\HouseRules\Rules;

use Moss\Core\HouseRules\CheckedSheet;
use Moss\Core\HouseRules\EntryRules;
use Moss\Core\HouseRules\FindingPlace;
use Moss\Core\HouseRules\HouseRule;
use Moss\Core\HouseRules\Limit;
use Moss\Core\HouseRules\LimitRange;
use Moss\Core\HouseRules\LimitUnit;
use Moss\Core\HouseRules\RuleResult;
use Moss\Core\HouseRules\RuleScope;
use Moss\Core\HouseRules\Severity;

/**
 * The same time stands on a line on as many days running as the limit says.
 */
final readonly class SameEveryDay implements HouseRule
{
    public const CODE = 'same_every_day';

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
        return new LimitRange(LimitUnit::Days, 3, 7, 5);
    }

    public function defaultSeverity(): Severity
    {
        return Severity::Off;
    }

    public function findings(CheckedSheet $sheet, Limit $limit): array
    {
        $findings = [];
        foreach (EntryRules::byLine($sheet) as $entries) {
            $run = [];
            foreach ($entries as $entry) {
                $before = end($run);
                $goesOn = $before !== false && $before->day->daysUntil($entry->day) === 1 && $before->minutes->equals($entry->minutes);
                $run = $goesOn ? [...$run, $entry] : [$entry];
                if (count($run) === $limit->toInt() && EntryRules::anyInQuestion($run)) {
                    $findings[] = new RuleResult(FindingPlace::line($entry->line), ['entered' => $entry->minutes, 'days' => $limit->toInt()]);
                }
            }
        }

        return $findings;
    }
}
