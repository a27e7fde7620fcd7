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
        $query = $kind->query()->select('code', 'name')->orderBy('name')->orderBy('code');
        if (trim($search) === '') {
            return self::props(Rows::of(OptionProps::class, $query->limit(self::MOST + 1)));
        }
        $literal = Rows::of(OptionProps::class, TextSearch::narrow($query->clone(), $search, ['name', 'code'])->limit(self::RANKED));

        // Accents and slips of the finger take a look at all names; whoever typed what is there does not wait for that.
        return self::props(self::ranked($literal === [] ? Rows::each(OptionProps::class, $query) : $literal, $search));
    }

    /**
     * @param  iterable<OptionProps>  $options
     * @return list<OptionProps>
     */
    private static function ranked(iterable $options, string $search): array
    {
        $names = new NameSearch($search);
        $found = [];
        foreach ($options as $option) {
            $fit = $names->fit($option->code, $option->name);
            if ($fit !== null) {
                $found[] = [$fit, $option];
            }
        }
        usort($found, static fn (array $one, array $other): int => $other[0] <=> $one[0]);

        return array_column(array_slice($found, 0, self::MOST + 1), 1);
    }

    /** @param  list<OptionProps>  $options */
    private static function props(array $options): LookupProps
    {
        return new LookupProps(array_slice($options, 0, self::MOST), count($options) > self::MOST);
    }
}
