<?php

declare(strict_types=1);

namespace App\Features\Compare\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Models\Person;
use Illuminate\Support\Facades\DB;

/** Writes into the audit trail that somebody took figures out as a file. */
final readonly class RecordExport
{
    public function __construct(private AuditTrail $auditTrail)
    {
    }

    /** @param  string  $address  what was asked, as the page's address says it */
    public function handle(Person $reader, string $file, string $address): void
    {
        DB::transaction(fn () => $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Comparison, $file, 'export', $reader, null, ['address' => $address])]));
    }
}
