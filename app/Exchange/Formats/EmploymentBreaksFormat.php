<?php

declare(strict_types=1);

namespace App\Exchange\Formats;

use App\Exchange\Format;
use App\Exchange\Unreadable;
use Moss\Core\Calendar\EmploymentBreaks;
use Moss\Core\Calendar\NotEmploymentBreaks;

/** Days between two stretches of employment, `2026-03-01/2026-05-31`, separated by spaces. */
final readonly class EmploymentBreaksFormat implements Format
{
    public function read(string $text): string
    {
        try {
            return EmploymentBreaks::of($text)->toString();
        } catch (NotEmploymentBreaks) {
            throw Unreadable::expected('employment_breaks');
        }
    }

    public function print(string|int $value): string
    {
        return (string) $value;
    }
}
