<?php

declare(strict_types=1);

namespace App\Features\HouseRules\Props;

use Moss\Core\HouseRules\Severity;

/** A finding of a house rule, its place, and its explanation. */
final readonly class FindingProps
{
    /**
     * @param  string  $week  `2026-W25`
     * @param  string|null  $line  key of the line, where it is about one
     * @param  string|null  $date  where it is about a day
     * @param  string  $explanation  with which it was answered; empty where it was not
     */
    public function __construct(
        public string $week,
        public string $rule,
        public Severity $severity,
        public ?string $line,
        public ?string $date,
        public string $what,
        public string $cure,
        public string $explanation,
    ) {
    }
}
