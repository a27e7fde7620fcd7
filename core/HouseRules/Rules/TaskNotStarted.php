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
 * The day is before the task starts.
 */
final readonly class TaskNotStarted implements HouseRule
{
    public const CODE = 'task_not_started';

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
            static fn (CheckedEntry $entry): bool => $entry->task->startsOn !== null && $entry->day->isBefore($entry->task->startsOn),
            static fn (CheckedEntry $entry): array => $entry->task->startsOn === null ? [] : ['starts' => $entry->task->startsOn],
        );
    }
}
