<?php

declare(strict_types=1);

namespace App\Features\Compare\Mail;

use App\Features\Compare\Files\ComparisonHeading;
use App\Support\Language\Wording;
use Illuminate\Mail\Attachment;
use Illuminate\Mail\Mailable;
use Illuminate\Mail\Mailables\Content;
use Illuminate\Mail\Mailables\Envelope;

/** A saved comparison with its files. */
final class ComparisonMail extends Mailable
{
    /**
     * @param  string  $finding  what was found, in a sentence
     * @param  string  $address  where it can be opened
     */
    public function __construct(
        public readonly string $name,
        public readonly ComparisonHeading $heading,
        public readonly string $finding,
        public readonly string $address,
        private readonly string $fileName,
        private readonly string $pdf,
        private readonly string $csv,
    ) {
    }

    public function envelope(): Envelope
    {
        return new Envelope(subject: Wording::of('compare.mail_subject', ['name' => $this->heading->title, 'period' => $this->heading->period]));
    }

    public function content(): Content
    {
        return new Content(view: 'mail.comparison', text: 'mail.comparison-text');
    }

    /** @return list<Attachment> */
    public function attachments(): array
    {
        return [
            Attachment::fromData(fn (): string => $this->pdf, $this->fileName.'.pdf')->withMime('application/pdf'),
            Attachment::fromData(fn (): string => $this->csv, $this->fileName.'.csv')->withMime('text/csv'),
        ];
    }
}
