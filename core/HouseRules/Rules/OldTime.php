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
use Moss\Core\HouseRules\LimitRange;
use Moss\Core\HouseRules\LimitUnit;

/**
 * The day is longer ago than the limit.
 */
final readonly class OldTime implements HouseRule
{
    public const CODE = 'old_time';

    public function code(): string
    {
        return self::CODE;
    }

    public function concern(): Concern
    {
        return Concern::Entries;
    }

    public function limits(): LimitRange
    {
        return new LimitRange(LimitUnit::Days, 1, 400, 28);
    }

    public function usualLevel(): Level
    {
        return Level::Mentions;
    }

    public function findings(CheckedSheet $sheet, Limit $limit): array
    {
        return EntryRules::found(
            $sheet,
            static fn (CheckedEntry $entry): bool => $entry->day->daysUntil($sheet->today) > $limit->toInt(),
            static fn (CheckedEntry $entry): array => ['days' => $entry->day->daysUntil($sheet->today), 'limit' => $limit->toInt()],
        );
    }
}
