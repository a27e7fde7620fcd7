<?php

declare(strict_types=1);

namespace App\Features\Compare\Files;

use Moss\Core\Calendar\DayRange;
use Moss\Core\Compare\ComparisonRow;
use Moss\Core\Compare\Measure;
use Moss\Core\Money\Money;

/** A comparison as JSON: hours in minutes, money as decimal texts, percentages as texts with one decimal; null for what is not known. */
final class JsonComparison
{
    /** @return iterable<string> piece by piece */
    public static function pieces(ComparisonLines $comparison): iterable
    {
        $terms = $comparison->asked->terms;
        yield '{"by":'.self::json($terms->by->value).',"then":'.self::json($terms->then?->value).',"across":'.self::json($terms->across?->value)
            .',"period":'.self::json($comparison->asked->period).',"days":'.self::json(self::days($terms->days)).',"measures":'.self::json(array_map(static fn (Measure $measure): string => $measure->value, $terms->fitting())).',"rows":[';
        $between = '';
        foreach ($comparison->lines() as $line) {
            $names = ['group' => $line->group, 'name' => $line->name, ...$line->part === null ? [] : ['part' => $line->part, 'part_name' => $line->partName]];
            yield $between.self::json([...$names, ...self::figures($line->row, $terms->fitting()), ...self::across($line->periods, $comparison->periods)]);
            $between = ',';
        }
        yield '],"total":'.self::json([...self::figures($comparison->total(), $terms->fitting()), ...self::across($comparison->totals(), $comparison->periods)]).'}';
    }

    /** @return array{string, string} */
    private static function days(DayRange $days): array
    {
        return [$days->first()->toString(), $days->last()->toString()];
    }

    /**
     * @param  list<Measure>  $measures
     * @return array<string, int|string|null>
     */
    public static function figures(ComparisonRow $row, array $measures): array
    {
        $figures = [];
        foreach ($measures as $measure) {
            $amount = $measure->amountOf($row);
            $name = str_replace('-', '_', $measure->value);
            $figures[$name] = $measure->isMoney() ? ($amount === null ? null : Money::ofCents($amount)->toString()) : $measure->percentageOf($row) ?? $amount;
            if ($measure->isMoney()) {
                $figures[$name.'_without_minutes'] = $measure->leftOutOf($row);
            }
        }

        return $figures;
    }

    /**
     * @param  array<array-key, ComparisonRow>  $rows
     * @param  list<string>  $periods
     * @return array{periods?: array<string, array{planned: int, actual: int}>}
     */
    private static function across(array $rows, array $periods): array
    {
        $across = self::periods($rows, $periods);

        return $across === [] ? [] : ['periods' => $across];
    }

    /**
     * @param  array<array-key, ComparisonRow>  $rows  by code of a period
     * @param  list<string>  $periods
     * @return array<string, array{planned: int, actual: int}>
     */
    public static function periods(array $rows, array $periods): array
    {
        $across = [];
        foreach ($periods as $period) {
            $across[$period] = ['planned' => isset($rows[$period]) ? $rows[$period]->planned : 0, 'actual' => isset($rows[$period]) ? $rows[$period]->actual : 0];
        }

        return $across;
    }

    private static function json(mixed $value): string
    {
        return json_encode($value, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }
}
