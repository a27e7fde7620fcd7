<?php

declare(strict_types=1);

namespace App\Features\Compare\Files;

use App\Support\Files\Spreadsheet\SheetCell;
use App\Support\Language\LocalFormat;
use App\Support\Language\Wording;
use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Moss\Core\Compare\ComparisonRow;
use Moss\Core\Compare\Measure;
use Moss\Core\Compare\MeasureUnit;
use Moss\Core\Money\Money;
use Moss\Core\Time\Minutes;

/** Measures where people read them outside the application: in hours, money and percent, in the reader's locale. */
final class MeasureWords
{
    public static function heading(Measure $measure, string $currency): string
    {
        $name = Wording::of('compare.measures.'.$measure->value);

        return match ($measure->unit()) {
            MeasureUnit::Hours => Wording::of('compare.in_hours', ['measure' => $name]),
            MeasureUnit::Money => Wording::of('compare.in_money', ['measure' => $name, 'currency' => $currency]),
            MeasureUnit::Percent => Wording::of('compare.in_percent', ['measure' => $name]),
        };
    }

    /** As a number of a spreadsheet. */
    public static function cell(Measure $measure, ComparisonRow $row): SheetCell
    {
        $amount = $measure->amountOf($row);

        return match ($measure->unit()) {
            MeasureUnit::Hours => SheetCell::hours($amount === null ? null : Minutes::of($amount)),
            MeasureUnit::Money => SheetCell::money($amount === null ? null : Money::ofCents($amount)),
            MeasureUnit::Percent => SheetCell::percent($measure->percentageOf($row)),
        };
    }

    /** As a text. */
    public static function text(Measure $measure, ComparisonRow $row): string
    {
        $amount = $measure->amountOf($row);

        return match ($measure->unit()) {
            MeasureUnit::Hours => $amount === null ? '–' : self::hours($amount),
            MeasureUnit::Money => $amount === null ? '–' : LocalFormat::decimal(Money::ofCents($amount)->toString()),
            MeasureUnit::Percent => $measure->percentageOf($row) === null ? '–' : LocalFormat::decimal($measure->percentageOf($row)),
        };
    }

    /** In hours, two decimals at most, half up. */
    public static function hours(int $minutes): string
    {
        return LocalFormat::decimal((string) BigDecimal::of($minutes)->dividedBy(60, 2, RoundingMode::HALF_UP));
    }
}
