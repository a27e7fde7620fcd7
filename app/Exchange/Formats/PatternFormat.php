<?php

declare(strict_types=1);

namespace App\Exchange\Formats;

use App\Exchange\Format;
use App\Exchange\Unreadable;
use Moss\Core\Calendar\NotAWorkPattern;
use Moss\Core\Calendar\WorkPattern;
use Moss\Core\Time\HoursTextRefused;

/** Seven hours texts, Monday to Sunday. */
final readonly class PatternFormat implements Format
{
    public function read(string $text): string
    {
        try {
            return WorkPattern::of($text)->toString();
        } catch (NotAWorkPattern|HoursTextRefused) {
            throw Unreadable::expected('pattern');
        }
    }

    public function print(string|int $value): string
    {
        return (string) $value;
    }
}
