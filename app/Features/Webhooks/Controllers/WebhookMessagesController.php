<?php

declare(strict_types=1);

namespace App\Features\Webhooks\Controllers;

use App\Features\Webhooks\Actions\SendAgain;
use App\Features\Webhooks\Queries\WebhookPages;
use App\Models\Organisation;
use App\Models\Webhook;
use App\Models\WebhookMessage;
use App\Support\Language\Wording;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;

/** One message to another system. */
final class WebhookMessagesController
{
    public function show(Webhook $webhook, WebhookMessage $message, WebhookPages $pages): Response
    {
        Gate::authorize('keep', Organisation::class);
        $message->setRelation('webhook', $webhook);

        return Inertia::render('WebhookMessage', ['shown' => $pages->message($message)]);
    }

    public function sendAgain(Webhook $webhook, WebhookMessage $message, SendAgain $send): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        $send->handle($message);

        return back()->with('message', Wording::of($webhook->is_paused ? 'webhooks.again_when_resumed' : 'webhooks.again'));
    }
}
