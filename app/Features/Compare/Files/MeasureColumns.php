<?php

declare(strict_types=1);

namespace App\Features\Compare\Files;

use Moss\Core\Compare\ComparisonRow;
use Moss\Core\Compare\Measure;
use Moss\Core\Money\Money;

/** Measures as columns of a file: whole minutes, money with two decimals beside the minutes it leaves out, percentages with one. */
final readonly class MeasureColumns
{
    /** @param  list<Measure>  $measures */
    private function __construct(private array $measures)
    {
    }

    /** @param  list<Measure>  $measures */
    public static function of(array $measures): self
    {
        return new self($measures);
    }

    /** @return list<string> */
    public function headings(): array
    {
        return array_merge(...array_map(static function (Measure $measure): array {
            $name = str_replace('-', '_', $measure->value);

            return $measure->isMoney() ? [$name, $name.'_without_minutes'] : [$name];
        }, $this->measures));
    }

    /** @return list<string> empty where a measure is not known */
    public function cells(ComparisonRow $row): array
    {
        return array_merge(...array_map(static function (Measure $measure) use ($row): array {
            $amount = $measure->amountOf($row);

            return $measure->isMoney()
                ? [$amount === null ? '' : Money::ofCents($amount)->toString(), (string) $measure->leftOutOf($row)]
                : [$measure->percentageOf($row) ?? (string) $amount];
        }, $this->measures));
    }
}
