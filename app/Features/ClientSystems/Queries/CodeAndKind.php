<?php

declare(strict_types=1);

namespace App\Features\ClientSystems\Queries;

use App\Models\ClientSystem;

/** A charge code and a kind of pay as one key, each only as far as a client's system tells it apart. */
final class CodeAndKind
{
    private const BETWEEN = "\t";

    public static function key(string $code, string $kind): string
    {
        return $kind === '' ? $code : $code.self::BETWEEN.$kind;
    }

    /** @return array{string, string} the code and the kind; the kind is empty where it is not told apart */
    public static function parts(string $key): array
    {
        $parts = explode(self::BETWEEN, $key, 2);

        return [$parts[0], $parts[1] ?? ''];
    }

    /**
     * @param  list<array{int, string, string, array<string, int>}>  $rows  a person, a day and a charge code, with minutes by kind
     * @return array<int, array<string, array<array-key, int>>> minutes by person, day and key
     */
    public static function sums(array $rows, ClientSystem $system): array
    {
        $sums = [];
        foreach ($rows as [$person, $date, $code, $kinds]) {
            foreach ($kinds as $kind => $minutes) {
                $key = self::key($system->charge_code_heading === '' ? '' : $code, $system->pay_kind_heading === '' ? '' : $kind);
                $sums[$person][$date][$key] = ($sums[$person][$date][$key] ?? 0) + $minutes;
            }
        }

        return $sums;
    }
}
