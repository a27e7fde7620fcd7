<?php

declare(strict_types=1);

namespace App\Features\Remaining\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Models\Organisation;
use App\Models\Person;
use Illuminate\Support\Facades\DB;
use Moss\Core\Effort\EstimateMode;
use Moss\Core\Time\Minutes;

/** How remaining estimates take effect in the organisation, and by how much they may differ from the calculated hours without a reason. */
final readonly class SaveEstimateSettings
{
    public function __construct(private AuditTrail $auditTrail)
    {
    }

    public function handle(Person $office, EstimateMode $mode, Minutes $tolerance): void
    {
        DB::transaction(function () use ($office, $mode, $tolerance): void {
            $organisation = Organisation::query()->sole();
            $before = ['mode' => $organisation->estimate_mode->value, 'tolerance_minutes' => $organisation->estimate_tolerance->toInt()];
            $after = ['mode' => $mode->value, 'tolerance_minutes' => $tolerance->toInt()];
            if ($before !== $after) {
                $organisation->update(['estimate_mode' => $mode, 'estimate_tolerance' => $tolerance]);
                $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Setting, 'remaining estimates', 'save', $office, $before, $after)]);
            }
        });
    }
}
