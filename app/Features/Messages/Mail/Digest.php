<?php

declare(strict_types=1);

namespace App\Features\Messages\Mail;

use App\Support\Language\Wording;
use Illuminate\Mail\Mailable;
use Illuminate\Mail\Mailables\Content;
use Illuminate\Mail\Mailables\Envelope;
use Illuminate\Support\Str;

/** Everything that somebody is to be told, in one mail, as text and as HTML. */
final class Digest extends Mailable
{
    private const LONGEST_SUBJECT = 90;

    /**
     * @param  non-empty-list<DigestLine>  $lines
     * @param  list<string>  $pencil  the day's pencil
     */
    public function __construct(public readonly string $name, public readonly array $lines, public readonly array $pencil)
    {
    }

    public function envelope(): Envelope
    {
        $count = count($this->lines);

        return new Envelope(subject: strtr(Wording::choice('messages.mail.subject', $count), [
            ':first' => Str::limit($this->lines[0]->subject, self::LONGEST_SUBJECT, '…', true),
            ':more' => (string) ($count - 1),
        ]));
    }

    public function content(): Content
    {
        return new Content(view: 'mail.digest', text: 'mail.digest-text', with: ['address' => url('/messages')]);
    }
}
