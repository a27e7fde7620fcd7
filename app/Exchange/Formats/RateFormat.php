<?php

declare(strict_types=1);

namespace App\Exchange\Formats;

use App\Exchange\Format;
use App\Exchange\Unreadable;
use Moss\Core\Money\NotMoney;
use Moss\Core\Money\Rate;

/** Money per hour as a decimal with a dot. */
final readonly class RateFormat implements Format
{
    public function read(string $text): string
    {
        try {
            return Rate::of($text)->toString();
        } catch (NotMoney) {
            throw Unreadable::expected('rate');
        }
    }

    public function print(string|int $value): string
    {
        return (string) $value;
    }
}
