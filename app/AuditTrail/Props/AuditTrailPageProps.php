<?php

declare(strict_types=1);

namespace App\AuditTrail\Props;

/** The audit trail as the office searches it. */
final readonly class AuditTrailPageProps
{
    /**
     * @param  list<AuditTrailRowProps>  $rows  the newest first
     * @param  int|null  $before  the line from which older ones follow; null at the end
     * @param  list<string>  $subjects
     */
    public function __construct(
        public string $search,
        public string $subject,
        public ?string $from,
        public ?string $to,
        public array $rows,
        public ?int $before,
        public array $subjects,
    ) {
    }
}
