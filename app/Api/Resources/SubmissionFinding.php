<?php

declare(strict_types=1);

namespace App\Api\Resources;

use Moss\Core\HouseRules\Severity;

/** Something that the house rules found. */
final readonly class SubmissionFinding
{
    /**
     * @param  string  $week  `2026-W25`
     * @param  int|null  $taskNumber  where it is about a task
     * @param  int|null  $roleNumber  where it is about a task in a role
     * @param  string|null  $date  where it is about a day
     * @param  string  $what  for people
     * @param  string  $cure  what would cure it, for people
     * @param  string  $explanation  with which it was answered; empty where it was not
     */
    public function __construct(
        public string $week,
        public string $rule,
        public Severity $severity,
        public ?int $taskNumber,
        public ?int $roleNumber,
        public ?string $date,
        public string $what,
        public string $cure,
        public string $explanation,
    ) {
    }
}
