<?php

declare(strict_types=1);

namespace App\Exchange\Formats;

use App\Exchange\Format;
use App\Exchange\Unreadable;
use Brick\Math\BigDecimal;
use Moss\Core\Expenses\Currency;
use Moss\Core\Expenses\NotAnAmount;
use Moss\Core\Expenses\TaxShare;
use Moss\Core\Expenses\TaxShares;

/** Rates of tax in percent, each with the share of the amount that it holds for: `7:70 19:30`; a rate alone holds for all of it. */
final readonly class TaxSharesFormat implements Format
{
    public function read(string $text): string
    {
        $hundredths = static fn (string $percent): int => Currency::of('XXX')->amount($percent)->minor;
        try {
            $shares = array_map(static function (string $part) use ($hundredths): TaxShare {
                [$rate, $share] = explode(':', $part) + [1 => '100'];

                return new TaxShare($hundredths($rate), $hundredths($share));
            }, explode(' ', trim($text)));
            $taxed = TaxShares::of($shares);
        } catch (NotAnAmount) {
            throw Unreadable::expected('tax_shares');
        }

        return json_encode(array_map(static fn (TaxShare $share): array => [$share->rate, $share->share], $taxed->shares), JSON_THROW_ON_ERROR);
    }

    public function print(string|int $value): string
    {
        $percent = static function (mixed $hundredths): string {
            $decimal = BigDecimal::ofUnscaledValue(is_int($hundredths) ? $hundredths : 0, 2)->stripTrailingZeros();

            return (string) $decimal->toScale(max(0, $decimal->getScale()));
        };
        $parts = [];
        foreach ((array) json_decode((string) $value, true, 4, JSON_THROW_ON_ERROR) as $share) {
            $parts[] = is_array($share) ? $percent($share[0] ?? 0).':'.$percent($share[1] ?? 0) : '';
        }

        return implode(' ', $parts);
    }
}
