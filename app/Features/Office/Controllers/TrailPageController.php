<?php

declare(strict_types=1);

namespace App\Features\Office\Controllers;

use App\Features\Office\Queries\TrailSearch;
use App\Http\Input\Address;
use App\Models\Organisation;
use App\Models\Person;
use App\Support\Trail\TrailSubject;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;

final class TrailPageController
{
    /** What the address says wrongly counts as not said. */
    public function show(#[CurrentUser] Person $office, Request $request, TrailSearch $trail): Response
    {
        Gate::authorize('keep', Organisation::class);
        $address = Address::of($request);

        return Inertia::render('Trail', ['trail' => $trail->of(
            $office,
            $address->text('search'),
            TrailSubject::tryFrom($address->text('subject')),
            $address->day('from'),
            $address->day('to'),
            $address->number('before'),
        )]);
    }
}
