<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsBytes;

/**
 * A file that goes with a mail of the outbox.
 *
 * @property int $id
 * @property int $outbox_mail_id
 * @property string $name
 * @property string $media_type
 * @property string $contents
 */
final class OutboxAttachment extends Model
{
    protected $table = 'outbox_attachments';

    public $timestamps = false;

    protected $fillable = ['outbox_mail_id', 'name', 'media_type', 'contents'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['contents' => AsBytes::class];
    }
}
