<?php

declare(strict_types=1);

namespace App\Features\Compare\Queries;

use App\Lookup\LookupKind;
use App\Lookup\NameLookup;
use App\Lookup\Props\OptionProps;
use Moss\Core\Asking\FoundName;
use Moss\Core\Asking\NameFinder;
use Moss\Core\Compare\Grouping;
use Moss\Core\Search\NameSearch;

/** Names of the organisation, as fields look them up. */
final class KnownNames implements NameFinder
{
    /** @var array<string, list<FoundName>> what was found before, by kind and words */
    private array $known = [];

    public function __construct(private readonly NameLookup $lookup)
    {
    }

    public function find(string $words, array $kinds): array
    {
        $found = array_merge(...array_map(fn (Grouping $kind): array => $this->known[$kind->value.' '.$words] ??= $this->ofKind($words, $kind), $kinds));
        usort($found, static fn (FoundName $one, FoundName $other): int => $other->fit <=> $one->fit);

        return $found;
    }

    /** @return list<FoundName> */
    private function ofKind(string $words, Grouping $kind): array
    {
        $search = new NameSearch($words);
        $lookup = self::lookupOf($kind);

        return $lookup === null ? [] : array_map(static fn (OptionProps $option): FoundName => self::found($kind, $option, $search), $this->lookup->of($lookup, $words)->options);
    }

    private static function found(Grouping $kind, OptionProps $option, NameSearch $search): FoundName
    {
        return new FoundName($kind, $option->code, $option->name, $search->fit($option->code, $option->name) ?? 0);
    }

    private static function lookupOf(Grouping $kind): ?LookupKind
    {
        return match ($kind) {
            Grouping::Project => LookupKind::AllProjects,
            Grouping::Person, Grouping::Manager => LookupKind::People,
            Grouping::Team => LookupKind::Teams,
            Grouping::Client => LookupKind::Clients,
            Grouping::Role => LookupKind::Roles,
            Grouping::ChargeCode => LookupKind::ChargeCodes,
            default => null,
        };
    }
}
