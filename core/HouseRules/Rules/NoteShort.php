<?php

declare(strict_types=1);

namespace Moss\Core\HouseRules\Rules;

use Moss\Core\HouseRules\CheckedEntry;
use Moss\Core\HouseRules\CheckedSheet;
use Moss\Core\HouseRules\EntryRules;
use Moss\Core\HouseRules\HouseRule;
use Moss\Core\HouseRules\Limit;
use Moss\Core\HouseRules\LimitRange;
use Moss\Core\HouseRules\LimitUnit;
use Moss\Core\HouseRules\RuleScope;
use Moss\Core\HouseRules\Severity;

/**
 * A note that there is has fewer characters than the limit.
 */
final readonly class NoteShort implements HouseRule
{
    public const CODE = 'note_short';

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
        return new LimitRange(LimitUnit::Characters, 2, 200, 8);
    }

    public function defaultSeverity(): Severity
    {
        return Severity::Off;
    }

    public function findings(CheckedSheet $sheet, Limit $limit): array
    {
        return EntryRules::found(
            $sheet,
            static fn (CheckedEntry $entry): bool => EntryRules::shortestNote($entry) < $limit->toInt(),
            static fn (CheckedEntry $entry): array => ['length' => EntryRules::shortestNote($entry), 'limit' => $limit->toInt()],
        );
    }
}
