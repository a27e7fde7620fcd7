<?php

declare(strict_types=1);

namespace App\Exchange\Formats;

use App\Exchange\Format;
use App\Exchange\Unreadable;
use Moss\Core\Money\Money;
use Moss\Core\Money\NotMoney;

/** Money as a decimal with a dot, held as cents. */
final readonly class MoneyFormat implements Format
{
    public function read(string $text): int
    {
        try {
            return Money::of($text)->cents();
        } catch (NotMoney) {
            throw Unreadable::expected('money');
        }
    }

    public function print(string|int $value): string
    {
        return Money::ofCents((int) $value)->toString();
    }
}
