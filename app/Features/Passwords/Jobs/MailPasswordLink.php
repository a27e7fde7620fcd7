<?php

declare(strict_types=1);

namespace App\Features\Passwords\Jobs;

use App\Features\Passwords\Actions\SendPasswordLink;
use App\Models\PasswordLinkKind;
use Illuminate\Contracts\Queue\ShouldBeEncrypted;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Mails somebody a link to set their password, if there is such a person. */
final class MailPasswordLink implements ShouldBeEncrypted, ShouldQueue
{
    use Queueable;

    public int $tries = 3;

    public function __construct(public readonly string $email, public readonly PasswordLinkKind $kind)
    {
    }

    public function handle(SendPasswordLink $send): void
    {
        $send->handle($this->email, $this->kind);
    }
}
