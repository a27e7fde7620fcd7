<?php

declare(strict_types=1);

namespace App\AuditTrail;

use App\Support\Clock\Today;
use App\Support\Database\BulkRows;

/**
 * Who changed what, when, from what to what. Append only: the table refuses anything else, and a chain of hashes shows
 * what has been done to it from outside. Written within the transaction of the act, which keeps other writers away.
 */
final readonly class AuditTrail
{
    public function __construct(private Today $today, private ActingApplication $application)
    {
    }

    /** @param  list<AuditTrailLine>  $lines */
    public function of(array $lines): void
    {
        if ($lines === []) {
            return;
        }
        $at = $this->today->now()->format('Y-m-d\TH:i:s\Z');
        $head = AuditTrailHead::read();
        $hash = $head->hash;
        foreach (array_chunk($lines, 500) as $chunk) {
            $rows = [];
            foreach ($chunk as $line) {
                $row = ['at' => $at, 'why' => $this->application->noted($line->why)] + $line->attributes();
                $hash = AuditTrailChain::hash($hash, $row);
                $rows[] = $row + ['hash' => $hash];
            }
            BulkRows::insert('audit_trail', $rows);
        }
        AuditTrailHead::write($head->lines + count($lines), $hash);
    }
}
