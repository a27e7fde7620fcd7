<?php

declare(strict_types=1);

namespace App\Features\Remaining\Actions;

use App\Models\Person;
use App\Support\Words;
use Illuminate\Support\Facades\DB;
use Moss\Core\Effort\HolderFigures;
use Moss\Core\Planning\Holder;

/** What holders are called in a sentence. */
final readonly class HolderNames
{
    /**
     * Who has how much left, as a person reads hours.
     *
     * @param  list<HolderFigures>  $parts
     */
    public static function withRest(array $parts, Person $reader): string
    {
        return implode(', ', array_map(
            static fn (HolderFigures $part, string $name): string => $name.' '.Words::hours($part->figures->remaining, $reader),
            $parts,
            self::of(array_map(static fn (HolderFigures $part): ?Holder => $part->holder, $parts)),
        ));
    }

    /**
     * @param  list<Holder|null>  $holders  null for nobody
     * @return list<string> in the same order
     */
    private static function of(array $holders): array
    {
        $codes = ['people' => [], 'teams' => []];
        foreach ($holders as $holder) {
            if ($holder !== null) {
                $codes[$holder->isTeam ? 'teams' : 'people'][] = $holder->code;
            }
        }
        $names = [];
        foreach ($codes as $table => $ofTable) {
            $names[$table] = $ofTable === [] ? [] : DB::table($table)->whereIn('code', $ofTable)->pluck('name', 'code')->all();
        }

        return array_map(static function (?Holder $holder) use ($names): string {
            $name = $holder === null ? null : $names[$holder->isTeam ? 'teams' : 'people'][$holder->code] ?? null;

            return is_string($name) ? $name : ($holder->code ?? Words::refusal('remaining.nobody'));
        }, $holders);
    }
}
