<?php

declare(strict_types=1);

namespace App\AuditTrail;

use App\Models\AuditTrailRow;
use App\Support\Database\Sql;
use Illuminate\Database\Query\Builder;

/** Lines on anything but recorded time, which most lines are on: an index has these alone by what they are on. */
final class BesideEntries
{
    public static function lines(): Builder
    {
        // Said as the index says it.
        return AuditTrailRow::query()->toBase()->where('audit_trail.subject', '<>', Sql::value(AuditTrailSubject::Entry->value));
    }
}
