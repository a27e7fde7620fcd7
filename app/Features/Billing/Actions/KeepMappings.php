<?php

declare(strict_types=1);

namespace App\Features\Billing\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Models\BillingDetail;
use App\Models\BillingKind;
use App\Models\BillingMapping;
use App\Models\Person;
use Illuminate\Support\Facades\DB;

/** Saves and removes how billing files are made up. The same name of the same kind is the same one. */
final readonly class KeepMappings
{
    public function __construct(private AuditTrail $auditTrail)
    {
    }

    /** @param  non-empty-array<string, string>  $columns  headings by the names of columns, in their order */
    public function save(Person $office, BillingKind $kind, string $name, BillingDetail $detail, array $columns): void
    {
        DB::transaction(function () use ($office, $kind, $name, $detail, $columns): void {
            $known = BillingMapping::query()->where('kind', $kind)->where('name', $name)->first();
            $told = ['detail' => $detail->value, 'columns' => implode(', ', $columns)];
            $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Billing, $name, $known === null ? 'add' : 'change', $office, null, $told)]);
            BillingMapping::query()->updateOrCreate(['kind' => $kind, 'name' => $name], ['detail' => $detail, 'columns' => $columns]);
        });
    }

    public function remove(Person $office, BillingMapping $mapping): void
    {
        DB::transaction(function () use ($office, $mapping): void {
            $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Billing, $mapping->name, 'remove', $office, ['columns' => implode(', ', $mapping->columns)], null)]);
            $mapping->delete();
        });
    }
}
