<?php

declare(strict_types=1);

namespace App\Features\Load\Controllers;

use App\Features\Load\Queries\LoadPage;
use App\Features\Load\Requests\LoadPageRequest;
use App\Models\Person;
use App\Support\Clock\Today;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;

/** Who has too much to do, and who has time. */
final readonly class LoadController
{
    public function __construct(private Today $today)
    {
    }

    public function show(#[CurrentUser] Person $reader, LoadPageRequest $request, LoadPage $page): Response
    {
        Gate::authorize('viewLoads', $reader);
        $today = $this->today->for($reader);

        return Inertia::render('Load', ['load' => $page->of($reader, $request->question($today), $today)]);
    }
}
