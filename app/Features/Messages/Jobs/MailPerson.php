<?php

declare(strict_types=1);

namespace App\Features\Messages\Jobs;

use App\Features\Messages\Actions\MailSlot;
use App\Features\Messages\Actions\SendDigest;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Moss\Core\Calendar\Day;

/** Mails one person what they were told, in one part of their day. Run twice, it mails once. */
final class MailPerson implements ShouldQueue
{
    use Queueable;

    public int $tries = 3;

    /** @param  string  $day  where the person is */
    public function __construct(public readonly int $person, public readonly string $day, public readonly bool $isEvening)
    {
    }

    public function handle(SendDigest $send): void
    {
        $send->handle($this->person, new MailSlot(Day::of($this->day), $this->isEvening));
    }
}
