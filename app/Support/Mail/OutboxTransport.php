<?php

declare(strict_types=1);

namespace App\Support\Mail;

use App\Models\OutboxAttachment;
use App\Models\OutboxMail;
use App\Support\Clock\Today;
use Symfony\Component\Mailer\SentMessage;
use Symfony\Component\Mailer\Transport\AbstractTransport;
use Symfony\Component\Mime\Address;
use Symfony\Component\Mime\Email;
use Symfony\Component\Mime\MessageConverter;

/** Keeps mail inside the application, where it can be read as it would arrive; nothing leaves the machine. */
final class OutboxTransport extends AbstractTransport
{
    public function __construct(private readonly Today $today)
    {
        parent::__construct();
    }

    public function __toString(): string
    {
        return 'outbox';
    }

    protected function doSend(SentMessage $message): void
    {
        $original = $message->getOriginalMessage();
        $mail = $original instanceof \Symfony\Component\Mime\Message ? MessageConverter::toEmail($original) : new Email;
        $text = static fn (mixed $body): string => is_string($body) ? $body : '';
        foreach ($mail->getTo() as $recipient) {
            $sent = OutboxMail::query()->create([
                'at' => $this->today->now()->format('Y-m-d\TH:i:s\Z'),
                'sender' => implode(', ', array_map(static fn (Address $from): string => $from->toString(), $mail->getFrom())),
                'recipient' => $recipient->getAddress(),
                'subject' => $mail->getSubject() ?? '',
                'html' => $text($mail->getHtmlBody()),
                'text' => $text($mail->getTextBody()),
            ]);
            foreach ($mail->getAttachments() as $attachment) {
                OutboxAttachment::query()->create([
                    'outbox_mail_id' => $sent->id,
                    'name' => $attachment->getFilename() ?? '',
                    'media_type' => $attachment->getMediaType().'/'.$attachment->getMediaSubtype(),
                    'contents' => $attachment->getBody(),
                ]);
            }
        }
    }
}
