<?php

declare(strict_types=1);

namespace App\Features\Messages\Console;

use App\Features\Messages\Actions\NotifyDueWeeks;
use App\Support\Clock\Today;
use App\Support\Language\Wording;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Console\Command;
use Throwable;

/** Tells people what is due, and mails them in the part of the day that it is where they are. */
final class MessagesCommand extends Command
{
    protected $signature = 'moss:messages {--at= : An instant in UTC, as 2026-06-17T16:05; now, if it is left out}';

    protected $description = 'Tell people what is due and mail what they were told';

    public function handle(NotifyDueWeeks $notify, Today $today): int
    {
        $at = $this->option('at');
        try {
            $now = is_string($at) ? new DateTimeImmutable($at, new DateTimeZone('UTC')) : $today->now();
        } catch (Throwable) {
            $this->error(Wording::of('commands.instant', ['value' => is_string($at) ? $at : '']));

            return self::FAILURE;
        }
        $this->line(Wording::choice('commands.mailing', $notify->handle($now)));

        return self::SUCCESS;
    }
}
