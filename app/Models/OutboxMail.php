<?php

declare(strict_types=1);

namespace App\Models;

/**
 * A mail that has left the application, as it would arrive.
 *
 * @property int $id
 * @property string $at
 * @property string $sender
 * @property string $recipient
 * @property string $subject
 * @property string $html
 * @property string $text
 */
final class OutboxMail extends Model
{
    protected $table = 'outbox_mails';

    public $timestamps = false;

    protected $fillable = [
        'at',
        'sender',
        'recipient',
        'subject',
        'html',
        'text',
    ];
}
