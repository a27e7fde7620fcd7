<?php

declare(strict_types=1);

namespace App\Features\Appointments\Console;

use App\Features\Appointments\Actions\AppointmentWindow;
use App\Features\Appointments\Jobs\ReadCalendarJob;
use App\Models\AppointmentCalendar;
use App\Support\Clock\Today;
use App\Support\Language\Wording;
use Illuminate\Console\Command;
use Illuminate\Database\Eloquent\Builder;

/** Has every calendar asked that has not been for a while. */
final class AppointmentsCommand extends Command
{
    /** How often an address is asked, in minutes. */
    private const EVERY = 15;

    protected $signature = 'moss:appointments';

    protected $description = 'Queue the reading of calendars that are due';

    protected $help = <<<'HELP'
        Example:
          php artisan moss:appointments
        HELP;

    public function handle(Today $today): int
    {
        $count = 0;
        $due = $today->now()->modify('-'.self::EVERY.' minutes')->format(AppointmentWindow::INSTANT);
        foreach (AppointmentCalendar::query()->whereNotNull('address')->where(static fn (Builder $asked): Builder => $asked->whereNull('asked_at')->orWhere('asked_at', '<=', $due))->orderBy('asked_at')->limit(5000)->pluck('id') as $id) {
            ReadCalendarJob::dispatch(is_numeric($id) ? (int) $id : 0);
            $count++;
        }
        $this->line(Wording::choice('appointments.queued', $count));

        return self::SUCCESS;
    }
}
