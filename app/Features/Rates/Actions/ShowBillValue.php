<?php

declare(strict_types=1);

namespace App\Features\Rates\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Models\Organisation;
use App\Models\Person;
use Illuminate\Support\Facades\DB;

/** Lets everybody see what their own time brings in, or no longer; twice is the same as once. */
final readonly class ShowBillValue
{
    public function __construct(private AuditTrail $auditTrail)
    {
    }

    public function handle(Person $office, bool $shows): void
    {
        DB::transaction(function () use ($office, $shows): void {
            $organisation = Organisation::query()->sole();
            if ($organisation->shows_bill_value !== $shows) {
                $organisation->update(['shows_bill_value' => $shows]);
                $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Setting, 'bill value', $shows ? 'show' : 'hide', $office, ['shown' => $shows ? 0 : 1], ['shown' => $shows ? 1 : 0])]);
            }
        });
    }
}
