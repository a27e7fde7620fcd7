<?php

declare(strict_types=1);

namespace Moss\Core\HouseRules\Rules;

use Moss\Core\HouseRules\CheckedEntry;
use Moss\Core\HouseRules\CheckedSheet;
use Moss\Core\HouseRules\EntryRules;
use Moss\Core\HouseRules\HouseRule;
use Moss\Core\HouseRules\Limit;
use Moss\Core\HouseRules\RuleScope;
use Moss\Core\HouseRules\Severity;

/**
 * Time that is no multiple of the organisation's step.
 */
final readonly class OffStep implements HouseRule
{
    public const CODE = 'off_step';

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
        $step = $sheet->step?->toInt() ?? 0;

        return $step === 0 ? [] : EntryRules::found(
            $sheet,
            static fn (CheckedEntry $entry): bool => $entry->minutes->toInt() % $step !== 0,
            static fn (CheckedEntry $entry): array => ['entered' => $entry->minutes, 'step' => $step],
        );
    }
}
