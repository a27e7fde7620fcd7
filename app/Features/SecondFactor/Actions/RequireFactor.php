<?php

declare(strict_types=1);

namespace App\Features\SecondFactor\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Models\Access;
use App\Models\Organisation;
use App\Models\Person;
use Illuminate\Support\Facades\DB;

/** The office says which kinds of access need a second factor. Whoever has none sets one up before anything else. */
final readonly class RequireFactor
{
    public function __construct(private AuditTrail $auditTrail)
    {
    }

    /** @param  list<Access>  $for */
    public function handle(Person $office, array $for): void
    {
        DB::transaction(function () use ($office, $for): void {
            $organisation = Organisation::query()->sole();
            $before = $organisation->factor_access;
            $after = array_map(static fn (Access $access): string => $access->value, $for);
            if ($before === $after) {
                return;
            }
            $organisation->update(['factor_access' => $after]);
            $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Setting, 'second factor', 'set', $office, ['access' => implode(', ', $before)], ['access' => implode(', ', $after)])]);
        });
    }
}
