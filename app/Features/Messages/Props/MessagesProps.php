<?php

declare(strict_types=1);

namespace App\Features\Messages\Props;

/** What the reader was told, and how they want to be. */
final readonly class MessagesProps
{
    /**
     * @param  list<MessageProps>  $messages  the newest first
     * @param  int|null  $before  the message from which older ones follow; null at the end
     * @param  list<NotificationSettingProps>  $settings
     * @param  list<MailProps>  $mails  that went to the reader, the newest first
     */
    public function __construct(public array $messages, public ?int $before, public array $settings, public int $hour, public int $dayReminderHour, public array $mails)
    {
    }
}
