<?php

declare(strict_types=1);

namespace App\Features\Webhooks\Actions;

use App\AuditTrail\AuditTrailEvent;
use App\AuditTrail\AuditTrailEvents;
use App\Models\AuditTrailRow;
use App\Models\Webhook;
use App\Models\WebhookMessage;
use App\Models\WebhookState;
use App\Models\WebhookTopic;
use App\Support\Clock\Today;
use Illuminate\Support\Facades\DB;

/**
 * Makes messages of what the audit trail says since the last time. An act writes nothing for webhooks, so it costs the same with any number
 * of them; how far a webhook has come moves in the transaction that stores its messages, so nothing is left out and nothing made twice.
 */
final readonly class MakeMessages
{
    private const LINES = 500;

    private const EVENTS = 100;

    public function __construct(private Today $today)
    {
    }

    /** @return bool whether there may be more */
    public function handle(Webhook $webhook): bool
    {
        $lines = AuditTrailRow::query()->with(['actor', 'onBehalfOf', 'person', 'task.project'])->where('id', '>', $webhook->position)->orderBy('id')->limit(self::LINES)->get()->all();
        $last = end($lines);
        if ($last === false) {
            return false;
        }
        $subjects = array_merge([], ...array_map(static fn (WebhookTopic $topic): array => $webhook->hears($topic) ? $topic->subjects() : [], WebhookTopic::cases()));
        $rows = $this->messages($webhook, array_values(AuditTrailEvents::of(array_values(array_filter($lines, static fn (AuditTrailRow $line): bool => in_array($line->subject, $subjects, true))))));
        DB::transaction(static function () use ($webhook, $last, $rows): void {
            // Somebody else may have made them meanwhile.
            if (Webhook::query()->whereKey($webhook->id)->where('position', $webhook->position)->update(['position' => $last->id]) === 1) {
                foreach (array_chunk($rows, 100) as $part) {
                    WebhookMessage::query()->insert($part);
                }
            }
        });
        $webhook->position = $last->id;
        $webhook->syncOriginal();

        return count($lines) === self::LINES;
    }

    /**
     * @param  list<AuditTrailEvent>  $events
     * @return list<array<string, string|int>>
     */
    private function messages(Webhook $webhook, array $events): array
    {
        $bySubject = [];
        foreach ($events as $event) {
            $bySubject[self::subject($event)][] = $event;
        }
        $rows = [];
        foreach ($bySubject as $subject => $all) {
            foreach (array_chunk($all, self::EVENTS) as $some) {
                $rows[] = self::row($webhook, (string) $subject, count($some), ['webhook' => $webhook->name, 'subject' => $subject, 'events' => $some], $this->today);
            }
        }

        return $rows;
    }

    /**
     * @param  array<string, mixed>  $body
     * @return array<string, string|int>
     */
    public static function row(Webhook $webhook, string $subject, int $events, array $body, Today $today): array
    {
        $now = $today->instant()->format('Y-m-d\TH:i:s\Z');

        return [
            'webhook_id' => $webhook->id, 'subject' => $subject, 'events' => $events, 'body' => json_encode($body, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES),
            'state' => WebhookState::Waiting->value, 'attempts' => 0, 'created_at' => $now, 'due_at' => $now,
        ];
    }

    /** What stays in order: everything of a person's time, everything of a project's plan. */
    private static function subject(AuditTrailEvent $event): string
    {
        $about = strtok($event->type, '.');

        return match (true) {
            in_array($about, ['entry', 'timesheet', 'finding', 'correction', 'leave'], true) && $event->person !== null => 'person/'.$event->person,
            $event->project !== null => 'project/'.$event->project,
            in_array($about, ['project', 'task', 'assignment', 'route'], true) => 'project/'.explode('/', $event->name)[0],
            $event->person !== null => 'person/'.$event->person,
            default => $about.'/'.$event->name,
        };
    }
}
