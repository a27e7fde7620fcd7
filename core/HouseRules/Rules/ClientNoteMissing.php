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
 * Time that is billed has no note for the client.
 */
final readonly class ClientNoteMissing implements HouseRule
{
    public const CODE = 'client_note_missing';

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
        return Severity::Off;
    }

    public function findings(CheckedSheet $sheet, Limit $limit): array
    {
        return EntryRules::found(
            $sheet,
            static fn (CheckedEntry $entry): bool => $entry->isBillable && $entry->clientNote === '',
        );
    }
}
