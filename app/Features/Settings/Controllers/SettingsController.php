<?php

declare(strict_types=1);

namespace App\Features\Settings\Controllers;

use App\Features\Settings\Actions\ChangeSetting;
use App\Features\Settings\Actions\RestoreSetting;
use App\Features\Settings\Actions\SettingRefused;
use App\Features\Settings\Queries\SettingsPage;
use App\Features\Settings\Requests\SettingRequest;
use App\Models\AuditTrailRow;
use App\Models\Organisation;
use App\Models\Person;
use App\Models\ScheduledSetting;
use App\Support\Clock\Today;
use App\Support\Language\Wording;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;

/** The organisation's settings: what holds, what is planned, what held before. */
final readonly class SettingsController
{
    public function __construct(private Today $today)
    {
    }

    public function show(#[CurrentUser] Person $office, SettingsPage $page): Response
    {
        Gate::authorize('keep', Organisation::class);

        return Inertia::render('Settings', ['settings' => $page->of($office, $this->today->for($office))]);
    }

    /** @throws ValidationException */
    public function update(#[CurrentUser] Person $office, SettingRequest $request, ChangeSetting $change): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        $from = $request->from($this->today->in('UTC'));
        try {
            if ($from !== null) {
                $change->plan($office, $request->setting(), $request->array('values'), $from);

                return back()->with('message', Wording::of('personal.settings.scheduled', ['day' => Wording::day($from)]));
            }
            $hasChanged = $change->handle($office, $request->setting(), $request->array('values'));
        } catch (SettingRefused $refused) {
            throw ValidationException::withMessages(['values' => $refused->getMessage()]);
        }

        return back()->with('message', Wording::of('personal.settings.'.($hasChanged ? 'saved' : 'nothing')));
    }

    public function cancel(#[CurrentUser] Person $office, ScheduledSetting $planned, ChangeSetting $change): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        $change->cancel($office, $planned);

        return back()->with('message', Wording::of('personal.settings.cancelled', ['day' => Wording::day($planned->starts_on)]));
    }

    public function restore(#[CurrentUser] Person $office, AuditTrailRow $line, RestoreSetting $restore): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        try {
            $hasChanged = $restore->handle($office, $line);
        } catch (SettingRefused $refused) {
            return back()->with('refusal', $refused->getMessage());
        }

        return back()->with('message', Wording::of('personal.settings.'.($hasChanged ? 'restored' : 'nothing')));
    }
}
