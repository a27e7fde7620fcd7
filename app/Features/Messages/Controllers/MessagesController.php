<?php

declare(strict_types=1);

namespace App\Features\Messages\Controllers;

use App\Features\Messages\Queries\MessageList;
use App\Features\Messages\Requests\NotificationSettingsRequest;
use App\Features\Messages\Requests\ReadRequest;
use App\Http\Input\Address;
use App\Models\Message;
use App\Models\Person;
use App\Support\Clock\Today;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;

/** What somebody was told; it is nobody else's. */
final class MessagesController
{
    public function show(#[CurrentUser] Person $person, Request $request, MessageList $messages): Response
    {
        Gate::authorize('changePreferences', $person);

        return Inertia::render('Messages', ['messages' => $messages->of($person, Address::of($request)->number('before'))]);
    }

    /** Everything up to a message has been read. */
    public function read(#[CurrentUser] Person $person, ReadRequest $request, Today $today): JsonResponse
    {
        Gate::authorize('changePreferences', $person);
        Message::query()->where('person_id', $person->id)->where('id', '<=', $request->integer('upTo'))->whereNull('read_at')
            ->update(['read_at' => $today->now()->format('Y-m-d\TH:i:s\Z')]);

        return response()->json(['saved' => true]);
    }

    public function update(#[CurrentUser] Person $person, NotificationSettingsRequest $request): RedirectResponse
    {
        Gate::authorize('changePreferences', $person);
        $person->update(['messages' => $request->settings()]);

        return back();
    }
}
