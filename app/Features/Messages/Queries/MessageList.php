<?php

declare(strict_types=1);

namespace App\Features\Messages\Queries;

use App\Features\Messages\Props\MessageProps;
use App\Features\Messages\Props\MessagesProps;
use App\Features\Messages\Props\NotificationSettingProps;
use App\Models\Message;
use App\Models\MessageKind;
use App\Models\Person;
use Illuminate\Database\Eloquent\Builder;

/** What a person was told in the application, a page at a time, and how they want to be told. */
final readonly class MessageList
{
    private const AT_ONCE = 50;

    public function __construct(private Outbox $outbox)
    {
    }

    public function of(Person $reader, ?int $before): MessagesProps
    {
        $messages = Message::query()->where('person_id', $reader->id)->where('in_app', 1)
            ->when($before !== null, static fn (Builder $older): Builder => $older->where('id', '<', $before))
            ->orderByDesc('id')->limit(self::AT_ONCE + 1)->get();
        $shown = array_slice($messages->all(), 0, self::AT_ONCE);
        $settings = $reader->messages;

        return new MessagesProps(
            array_map(static fn (Message $message): MessageProps => new MessageProps(
                $message->id, $message->at, MessageText::of($message, $reader), $message->link, $message->read_at === null,
            ), $shown),
            count($messages) > self::AT_ONCE ? $shown[self::AT_ONCE - 1]->id : null,
            array_map(static fn (MessageKind $kind): NotificationSettingProps => new NotificationSettingProps($kind, $settings->inApp($kind), $settings->byMail($kind)), array_values(array_filter(MessageKind::cases(), static fn (MessageKind $kind): bool => ! $kind->isAlwaysTold()))),
            $settings->hour,
            $settings->dayReminderHour,
            array_slice($this->outbox->of($reader, $reader->email, null, null)->mails, 0, 5),
        );
    }
}
