<?php

declare(strict_types=1);

namespace Moss\Core\HouseRules\Rules;

use Moss\Core\HouseRules\CheckedEntry;
use Moss\Core\HouseRules\CheckedSheet;
use Moss\Core\HouseRules\Concern;
use Moss\Core\HouseRules\EntryRules;
use Moss\Core\HouseRules\HouseRule;
use Moss\Core\HouseRules\Level;
use Moss\Core\HouseRules\Limit;

/**
 * A project task is assigned neither to the person nor to their team.
 */
final readonly class NotAssigned implements HouseRule
{
    public const CODE = 'not_assigned';

    public function code(): string
    {
        return self::CODE;
    }

    public function concern(): Concern
    {
        return Concern::Entries;
    }

    public function limits(): null
    {
        return null;
    }

    public function usualLevel(): Level
    {
        return Level::Blocks;
    }

    public function findings(CheckedSheet $sheet, Limit $limit): array
    {
        return EntryRules::found(
            $sheet,
            static fn (CheckedEntry $entry): bool => ! $entry->task->isAssigned && ! $entry->task->isInternal,
        );
    }
}
