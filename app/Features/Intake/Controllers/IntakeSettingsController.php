<?php

declare(strict_types=1);

namespace App\Features\Intake\Controllers;

use App\Features\Intake\Actions\KeepIntake;
use App\Features\Intake\Queries\IntakeLinks;
use App\Features\Intake\Requests\IntakeLinkRequest;
use App\Models\IntakeLink;
use App\Models\Organisation;
use App\Models\Person;
use App\Support\Clock\Today;
use App\Support\Language\Wording;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;

/** Who may request work. */
final readonly class IntakeSettingsController
{
    public function __construct(private KeepIntake $keep, private Today $today)
    {
    }

    public function show(): Response
    {
        Gate::authorize('keep', Organisation::class);

        return Inertia::render('IntakeSettings', ['intake' => IntakeLinks::settings($this->today->in('UTC'))]);
    }

    public function update(#[CurrentUser] Person $office, Request $request): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        $this->keep->open($office, $request->boolean('open'));

        return back()->with('message', Wording::of($request->boolean('open') ? 'intake.opened' : 'intake.shut'));
    }

    public function store(#[CurrentUser] Person $office, IntakeLinkRequest $request): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        $client = $request->client();
        $this->keep->addLink($office, $client, $request->endsOn());

        return back()->with('message', Wording::of('intake.link_added', ['client' => $client->name]));
    }

    public function destroy(#[CurrentUser] Person $office, IntakeLink $link): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        $this->keep->revoke($office, $link);

        return back()->with('message', Wording::of('intake.link_revoked', ['client' => $link->client->name]));
    }
}
