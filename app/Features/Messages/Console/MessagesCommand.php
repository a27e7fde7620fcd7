<?php

declare(strict_types=1);

namespace App\Features\Messages\Console;

use App\Features\Leave\Actions\RemindOfLeave;
use App\Features\Messages\Actions\NotifyDueTimesheets;
use App\Support\Clock\Today;
use App\Support\Language\Wording;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Console\Command;
use Throwable;

/** Tells people what is due, and mails them in the part of the day that it is where they are. */
final class MessagesCommand extends Command
{
    protected $signature = 'moss:messages {--at= : date and time in UTC, as 2026-06-17T16:05; the current time by default}';

    protected $description = 'Write the reminders that are due, and queue the emails';

    protected $help = <<<'HELP'
        Examples:
          php artisan moss:messages
          php artisan moss:messages --at=2026-06-17T16:05
        HELP;

    public function handle(NotifyDueTimesheets $notify, RemindOfLeave $leave, Today $today): int
    {
        $at = $this->option('at');
        try {
            $now = is_string($at) ? new DateTimeImmutable($at, new DateTimeZone('UTC')) : $today->now();
        } catch (Throwable) {
            $this->error(Wording::of('commands.instant', ['value' => is_string($at) ? $at : '']));

            return self::FAILURE;
        }
        $leave->handle($now);
        $this->line(Wording::choice('commands.mailing', $notify->handle($now)));

        return self::SUCCESS;
    }
}
