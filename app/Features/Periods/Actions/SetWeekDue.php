<?php

declare(strict_types=1);

namespace App\Features\Periods\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Models\Organisation;
use App\Models\Person;
use Illuminate\Support\Facades\DB;

/** Says by when a week is to be submitted, in days after its Sunday; twice is the same as once. */
final readonly class SetWeekDue
{
    public function __construct(private AuditTrail $auditTrail)
    {
    }

    public function handle(Person $office, int $days): void
    {
        DB::transaction(function () use ($office, $days): void {
            $organisation = Organisation::query()->sole();
            $before = $organisation->week_due;
            if ($before !== $days) {
                $organisation->update(['week_due' => $days]);
                $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Setting, 'week due', 'save', $office, ['days' => $before], ['days' => $days])]);
            }
        });
    }
}
