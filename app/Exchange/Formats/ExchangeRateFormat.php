<?php

declare(strict_types=1);

namespace App\Exchange\Formats;

use App\Exchange\Format;
use App\Exchange\Unreadable;
use Moss\Core\Expenses\ExchangeRate;
use Moss\Core\Expenses\NotAnAmount;

/** What one unit of a currency is worth, as a decimal with a dot. */
final readonly class ExchangeRateFormat implements Format
{
    public function read(string $text): string
    {
        try {
            return ExchangeRate::of($text)->toString();
        } catch (NotAnAmount) {
            throw Unreadable::expected('exchange_rate');
        }
    }

    public function print(string|int $value): string
    {
        return (string) $value;
    }
}
