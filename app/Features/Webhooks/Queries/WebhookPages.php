<?php

declare(strict_types=1);

namespace App\Features\Webhooks\Queries;

use App\Features\Webhooks\Props\WebhookAttemptProps;
use App\Features\Webhooks\Props\WebhookMessageProps;
use App\Features\Webhooks\Props\WebhookMessageRowProps;
use App\Features\Webhooks\Props\WebhookProps;
use App\Features\Webhooks\Props\WebhookRowProps;
use App\Features\Webhooks\Props\WebhooksProps;
use App\Models\Webhook;
use App\Models\WebhookAttempt;
use App\Models\WebhookMessage;
use App\Models\WebhookState;
use App\Models\WebhookTopic;
use App\Support\Database\Record;
use App\Support\Database\Sql;
use App\Support\Language\Wording;
use Illuminate\Database\Eloquent\Builder;

/** What the pages of webhooks show. */
final class WebhookPages
{
    private const AT_ONCE = 50;

    public function all(): WebhooksProps
    {
        return new WebhooksProps(self::rows(Webhook::query()->orderBy('name')), WebhookTopic::cases());
    }

    public function one(Webhook $webhook, ?WebhookState $state, int $page, ?string $newSecret): WebhookProps
    {
        $found = WebhookMessage::query()->where('webhook_id', $webhook->id)->when($state !== null, static fn (Builder $messages): Builder => $messages->where('state', $state));
        $count = (clone $found)->count();
        $pages = max(1, (int) ceil($count / self::AT_ONCE));
        $page = max(1, min($page, $pages));
        $messages = $found->orderByDesc('id')->forPage($page, self::AT_ONCE)->get(['id', 'subject', 'events', 'state', 'attempts', 'created_at', 'due_at', 'delivered_at']);

        return new WebhookProps(self::rows(Webhook::query()->whereKey($webhook->id))[0], WebhookTopic::cases(), $newSecret, $state, array_values($messages->map(self::row(...))->all()), $count, $page, $pages);
    }

    public function message(WebhookMessage $message): WebhookMessageProps
    {
        $body = json_encode(json_decode($message->body, flags: JSON_THROW_ON_ERROR), JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
        $attempts = WebhookAttempt::query()->where('webhook_message_id', $message->id)->orderByDesc('id')->get();

        return new WebhookMessageProps($message->webhook_id, $message->webhook->name, $message->webhook->address, self::row($message), $body, array_values($attempts->map(static fn (WebhookAttempt $one): WebhookAttemptProps => new WebhookAttemptProps(
            $one->at, $one->milliseconds, $one->signature, $one->status, $one->failure === '' ? '' : Wording::of('webhooks.failure.'.$one->failure), $one->answer,
        ))->all()));
    }

    /** How many messages anybody should look at: those that were given up. */
    public static function givenUp(): int
    {
        return WebhookMessage::query()->whereIn('webhook_id', Webhook::query()->select('id'))->where('state', WebhookState::GivenUp)->count();
    }

    private static function row(WebhookMessage $message): WebhookMessageRowProps
    {
        return new WebhookMessageRowProps($message->id, $message->subject, $message->events, $message->state, $message->attempts, $message->created_at, $message->due_at, $message->delivered_at);
    }

    /**
     * @param  Builder<Webhook>  $webhooks
     * @return list<WebhookRowProps>
     */
    private static function rows(Builder $webhooks): array
    {
        $in = static fn (WebhookState $state): Builder => WebhookMessage::query()->whereColumn('webhook_id', 'webhooks.id')->where('state', $state);
        $rows = Record::all($webhooks->select('id', 'name', 'address', 'topics', 'is_paused')
            ->selectSub($in(WebhookState::Waiting)->toBase()->select(Sql::count()), 'waiting')->selectSub($in(WebhookState::Waiting)->toBase()->select(Sql::min('created_at')), 'waiting_since')
            ->selectSub($in(WebhookState::GivenUp)->toBase()->select(Sql::count()), 'given_up')->selectSub($in(WebhookState::Delivered)->toBase()->select(Sql::max('delivered_at')), 'last_delivered'));

        return array_map(static fn (Record $row): WebhookRowProps => new WebhookRowProps(
            $row->int('id'), $row->string('name'), $row->string('address'),
            array_values(array_filter(array_map(static fn (mixed $topic): ?WebhookTopic => WebhookTopic::tryFrom(is_string($topic) ? $topic : ''), (array) json_decode($row->string('topics'), true)))),
            $row->bool('is_paused'), $row->int('waiting'), $row->stringOrNull('waiting_since'), $row->int('given_up'), $row->stringOrNull('last_delivered'),
        ), $rows);
    }
}
