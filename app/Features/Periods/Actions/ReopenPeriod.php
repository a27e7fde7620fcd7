<?php

declare(strict_types=1);

namespace App\Features\Periods\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Models\Organisation;
use App\Models\Person;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;

/**
 * Lets new time be recorded again on days that were closed. What is settled stays settled; only a correction, posted
 * beside it, ever changes what it comes to.
 */
final readonly class ReopenPeriod
{
    public function __construct(private AuditTrail $auditTrail)
    {
    }

    /**
     * @param  Day  $from  the first day that is open again
     *
     * @throws PeriodRefused
     */
    public function handle(Person $office, Day $from, string $reason): void
    {
        if (trim($reason) === '') {
            throw PeriodRefused::because('no_reason');
        }
        DB::transaction(function () use ($office, $from, $reason): void {
            $organisation = Organisation::query()->sole();
            $before = $organisation->closed_until;
            if ($before === null || $from->isAfter($before)) {
                throw PeriodRefused::because('not_closed');
            }
            $until = $from->plusDays(-1)->toString();
            $organisation->update(['closed_until' => $until]);
            $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Period, $from->toString(), 'reopen', $office, ['until' => $before->toString()], ['until' => $until], null, trim($reason))]);
        });
    }
}
