<?php

declare(strict_types=1);

namespace App\Features\Passwords\Mail;

use App\Models\PasswordLinkKind;
use App\Support\Language\Wording;
use Illuminate\Mail\Mailable;
use Illuminate\Mail\Mailables\Content;
use Illuminate\Mail\Mailables\Envelope;

/** The link by which somebody sets their password. */
final class PasswordLinkMail extends Mailable
{
    public function __construct(
        public readonly string $name,
        public readonly string $organisation,
        public readonly PasswordLinkKind $kind,
        public readonly string $address,
        public readonly int $minutes,
    ) {
    }

    public function envelope(): Envelope
    {
        return new Envelope(subject: Wording::of('passwords.mail.'.$this->kind->value.'.subject', ['organisation' => $this->organisation]));
    }

    public function content(): Content
    {
        return new Content(view: 'mail.password-link', text: 'mail.password-link-text');
    }
}
