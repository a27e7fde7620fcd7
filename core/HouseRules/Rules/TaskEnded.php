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
 * The day is after the task was to end.
 */
final readonly class TaskEnded implements HouseRule
{
    public const CODE = 'task_ended';

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
        return EntryRules::found(
            $sheet,
            static fn (CheckedEntry $entry): bool => $entry->task->endsOn !== null && $entry->day->isAfter($entry->task->endsOn),
            static fn (CheckedEntry $entry): array => $entry->task->endsOn === null ? [] : ['ended' => $entry->task->endsOn],
        );
    }
}
