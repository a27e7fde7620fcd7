<?php

declare(strict_types=1);

namespace App\Features\Expenses\Queries;

use App\Support\Language\LocalFormat;
use App\Support\Language\Wording;
use Brick\Math\BigDecimal;
use Moss\Core\Expenses\TaxShare;
use Moss\Core\Expenses\TaxShares;

/** How something is taxed, in words. */
final class TaxText
{
    /** `19 %`, `7 % of 70 %, 19 % of 30 %`; empty for no tax. */
    public static function of(TaxShares $shares): string
    {
        if (array_filter($shares->shares, static fn (TaxShare $share): bool => $share->rate > 0) === []) {
            return '';
        }

        return implode(', ', array_map(static fn (TaxShare $share): string => $share->share === TaxShare::WHOLE
            ? Wording::of('expenses.percent', ['percent' => self::percent($share->rate)])
            : Wording::of('expenses.percent_of', ['percent' => self::percent($share->rate), 'share' => self::percent($share->share)]), $shares->shares));
    }

    private static function percent(int $hundredths): string
    {
        $percent = BigDecimal::ofUnscaledValue($hundredths, 2)->stripTrailingZeros();

        return LocalFormat::decimal((string) $percent->toScale(max(0, $percent->getScale())));
    }
}
