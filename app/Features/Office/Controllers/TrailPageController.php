<?php

declare(strict_types=1);

namespace App\Features\Office\Controllers;

use App\Features\Office\Queries\TrailSearch;
use App\Models\Organisation;
use App\Models\Person;
use App\Support\Trail\TrailSubject;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\NotADay;

final class TrailPageController
{
    /** What the address says wrongly counts as not said. */
    public function show(#[CurrentUser] Person $office, Request $request, TrailSearch $trail): Response
    {
        Gate::authorize('keep', Organisation::class);

        return Inertia::render('Trail', ['trail' => $trail->of(
            $office,
            mb_substr($request->string('search')->toString(), 0, 200),
            TrailSubject::tryFrom($request->string('subject')->toString()),
            self::day($request, 'from'),
            self::day($request, 'to'),
            $request->integer('before') > 0 ? $request->integer('before') : null,
        )]);
    }

    private static function day(Request $request, string $name): ?Day
    {
        try {
            return Day::of($request->string($name)->toString());
        } catch (NotADay) {
            return null;
        }
    }
}
