<?php

declare(strict_types=1);

namespace App\Exchange\Formats;

use App\Exchange\Format;
use App\Exchange\Unreadable;
use Moss\Core\Money\Money;
use Moss\Core\Money\NotMoney;

/** Money that may be negative, as a decimal with a dot, held as cents. */
final readonly class SignedMoneyFormat implements Format
{
    public function read(string $text): int
    {
        try {
            return str_starts_with($text, '-') ? -Money::of(substr($text, 1))->cents() : Money::of($text)->cents();
        } catch (NotMoney) {
            throw Unreadable::expected('money');
        }
    }

    public function print(string|int $value): string
    {
        return Money::ofCents((int) $value)->toString();
    }
}
