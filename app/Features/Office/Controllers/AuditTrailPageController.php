<?php

declare(strict_types=1);

namespace App\Features\Office\Controllers;

use App\AuditTrail\AuditTrailSearch;
use App\AuditTrail\AuditTrailSubject;
use App\Http\Input\Address;
use App\Models\Organisation;
use App\Models\Person;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;

final class AuditTrailPageController
{
    /** An invalid value in the address counts as absent. */
    public function show(#[CurrentUser] Person $office, Request $request, AuditTrailSearch $auditTrail): Response
    {
        Gate::authorize('keep', Organisation::class);
        $address = Address::of($request);

        return Inertia::render('AuditTrail', ['auditTrail' => $auditTrail->of(
            $office,
            $address->text('search'),
            AuditTrailSubject::tryFrom($address->text('subject')),
            $address->day('from'),
            $address->day('to'),
            $address->number('before'),
        )]);
    }
}
