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
final readonly class KnownNames implements NameFinder
{
    public function __construct(private NameLookup $lookup)
    {
    }

    public function find(string $words, array $kinds): array
    {
        $search = new NameSearch($words);
        $found = [];
        foreach ($kinds as $kind) {
            $lookup = self::lookupOf($kind);
            foreach ($lookup === null ? [] : $this->lookup->of($lookup, $words)->options as $option) {
                $found[] = self::found($kind, $option, $search);
            }
        }
        usort($found, static fn (FoundName $one, FoundName $other): int => $other->fit <=> $one->fit);

        return $found;
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
