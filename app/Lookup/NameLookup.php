<?php

declare(strict_types=1);

namespace App\Lookup;

use App\Lookup\Props\LookupProps;
use App\Lookup\Props\OptionProps;
use App\Support\Database\Rows;
use App\Support\Database\TextSearch;
use Moss\Core\Search\NameSearch;

/** Finds by name or code what a field may be filled with, the best first. */
final class NameLookup
{
    private const MOST = 20;

    /** So many that have the words as they were typed are ranked; with more, the search says too little anyway. */
    private const RANKED = 200;

    public function of(LookupKind $kind, string $search): LookupProps
    {
        $found = [];
        foreach ($kind->parts() as $before => $part) {
            foreach (self::ranked($part, $search) as [$fit, $option]) {
                $found[] = [$fit, new OptionProps($before.$option->code, $option->name)];
            }
        }
        // What fits equally well stays in the order of the parts and their names.
        usort($found, static fn (array $one, array $other): int => $other[0] <=> $one[0]);

        return new LookupProps(array_column(array_slice($found, 0, self::MOST), 1), count($found) > self::MOST);
    }

    /** @return list<array{int, OptionProps}> with how well each fits, the best first, one more than are offered */
    private static function ranked(LookupKind $kind, string $search): array
    {
        $query = $kind->query()->select('code', 'name')->orderBy('name')->orderBy('code');
        if (trim($search) === '') {
            return array_map(static fn (OptionProps $option): array => [0, $option], Rows::of(OptionProps::class, $query->limit(self::MOST + 1)));
        }
        $literal = Rows::of(OptionProps::class, TextSearch::narrow($query->clone(), $search, ['name', 'code'])->limit(self::RANKED));
        $names = new NameSearch($search);
        $found = [];
        // Accents and slips of the finger take a look at all names; whoever typed what is there does not wait for that.
        foreach ($literal === [] ? Rows::each(OptionProps::class, $query) : $literal as $option) {
            $fit = $names->fit($option->code, $option->name);
            if ($fit !== null) {
                $found[] = [$fit, $option];
            }
        }
        usort($found, static fn (array $one, array $other): int => $other[0] <=> $one[0]);

        return array_slice($found, 0, self::MOST + 1);
    }
}
