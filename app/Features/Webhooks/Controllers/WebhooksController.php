<?php

declare(strict_types=1);

namespace App\Features\Webhooks\Controllers;

use App\Features\Webhooks\Actions\KeepWebhooks;
use App\Features\Webhooks\Actions\WebhookRefused;
use App\Features\Webhooks\Jobs\SendMessagesJob;
use App\Features\Webhooks\Queries\WebhookPages;
use App\Features\Webhooks\Requests\WebhookRequest;
use App\Http\Input\Address;
use App\Models\Organisation;
use App\Models\Person;
use App\Models\Webhook;
use App\Models\WebhookState;
use App\Support\Language\Wording;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;

/** Which other systems are told of what happens. */
final readonly class WebhooksController
{
    public function __construct(private KeepWebhooks $keep, private WebhookPages $pages)
    {
    }

    public function index(): Response
    {
        Gate::authorize('keep', Organisation::class);

        return Inertia::render('Webhooks', ['webhooks' => $this->pages->all()]);
    }

    public function show(Request $request, Webhook $webhook): Response
    {
        Gate::authorize('keep', Organisation::class);
        $address = Address::of($request);
        $secret = $request->session()->get('secret');

        return Inertia::render('Webhook', ['shown' => $this->pages->one($webhook, WebhookState::tryFrom($address->text('state')), $address->page(), is_string($secret) ? $secret : null)]);
    }

    /** @throws ValidationException */
    public function store(#[CurrentUser] Person $office, WebhookRequest $request): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        try {
            [$webhook, $secret] = $this->keep->add($office, self::name($request), self::address($request), $request->topics());
        } catch (WebhookRefused $refused) {
            throw ValidationException::withMessages([$refused->field => $refused->getMessage()]);
        }

        return redirect()->route('office.webhooks.webhook', ['webhook' => $webhook->id])->with('secret', $secret)->with('message', Wording::of('webhooks.added', ['name' => $webhook->name]));
    }

    /** @throws ValidationException */
    public function update(#[CurrentUser] Person $office, Webhook $webhook, WebhookRequest $request): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        try {
            $this->keep->change($office, $webhook, self::name($request), self::address($request), $request->topics(), $request->boolean('isPaused'));
        } catch (WebhookRefused $refused) {
            throw ValidationException::withMessages([$refused->field => $refused->getMessage()]);
        }

        return back()->with('message', Wording::of('webhooks.saved', ['name' => $webhook->name]));
    }

    public function renewSecret(#[CurrentUser] Person $office, Webhook $webhook): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);

        return redirect()->route('office.webhooks.webhook', ['webhook' => $webhook->id])->with('secret', $this->keep->renewSecret($office, $webhook))->with('message', Wording::of('webhooks.secret_renewed'));
    }

    public function test(Webhook $webhook): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        $message = $this->keep->test($webhook);
        SendMessagesJob::dispatch($webhook->id);

        return redirect()->route('office.webhooks.message', ['webhook' => $webhook->id, 'message' => $message->id])->with('message', Wording::of('webhooks.test_sent'));
    }

    public function destroy(#[CurrentUser] Person $office, Webhook $webhook): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        $this->keep->remove($office, $webhook);

        return redirect()->route('office.webhooks')->with('message', Wording::of('webhooks.removed', ['name' => $webhook->name]));
    }

    private static function name(WebhookRequest $request): string
    {
        return $request->string('name')->trim()->toString();
    }

    private static function address(WebhookRequest $request): string
    {
        return $request->string('address')->trim()->toString();
    }
}
