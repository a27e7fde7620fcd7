<?php

declare(strict_types=1);

namespace App\Features\Intake\Mail;

use Illuminate\Mail\Mailable;
use Illuminate\Mail\Mailables\Content;
use Illuminate\Mail\Mailables\Envelope;

/** Tells somebody at a client of a step of their request, with the address at which they see all of it. */
final class WorkRequestMail extends Mailable
{
    public function __construct(
        public readonly string $name,
        public readonly string $organisation,
        public readonly string $title,
        public readonly string $step,
        public readonly string $said,
        public readonly string $address,
        private readonly string $heading,
    ) {
    }

    public function envelope(): Envelope
    {
        return new Envelope(subject: $this->heading);
    }

    public function content(): Content
    {
        return new Content(view: 'mail.work-request', text: 'mail.work-request-text');
    }
}
