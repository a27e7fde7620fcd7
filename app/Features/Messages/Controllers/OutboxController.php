<?php

declare(strict_types=1);

namespace App\Features\Messages\Controllers;

use App\Features\Messages\Queries\Outbox;
use App\Http\Input\Address;
use App\Models\Person;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;
use Illuminate\Http\Response as HttpResponse;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Mail as it would arrive. */
final class OutboxController
{
    /** Nothing of the application runs in a mail, and nothing is loaded for it; links open in the whole window. */
    private const POLICY = "default-src 'none'; style-src 'unsafe-inline'; frame-ancestors 'self'; sandbox allow-top-navigation-by-user-activation allow-popups";

    public function show(#[CurrentUser] Person $person, Request $request, Outbox $outbox): Response
    {
        Gate::authorize('changePreferences', $person);
        $address = Address::of($request);

        return Inertia::render('Outbox', ['outbox' => $outbox->of($person, $address->text('search'), $address->number('before'), $address->number('mail'))]);
    }

    public function html(#[CurrentUser] Person $person, int $mail, Outbox $outbox): HttpResponse
    {
        Gate::authorize('changePreferences', $person);
        $found = $outbox->mail($person, $mail);
        abort_if($found === null, 404);

        return response($found->html)->header('Content-Security-Policy', self::POLICY);
    }

    public function attachment(#[CurrentUser] Person $person, int $mail, int $attachment, Outbox $outbox): StreamedResponse
    {
        Gate::authorize('changePreferences', $person);
        $found = $outbox->attachment($person, $mail, $attachment);
        abort_if($found === null, 404);

        return response()->streamDownload(static function () use ($found): void {
            echo $found->contents;
        }, $found->name, ['Content-Type' => $found->media_type]);
    }
}
