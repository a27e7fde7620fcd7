<?php

declare(strict_types=1);

namespace App\Features\TaskTracker\Console;

use App\Features\TaskTracker\Jobs\SyncLinkJob;
use App\Models\TrackerLink;
use App\Support\Language\Wording;
use Illuminate\Console\Command;

/** Has every project that is linked with a task tracker brought together with its counterpart. */
final class TrackersCommand extends Command
{
    protected $signature = 'moss:trackers';

    protected $description = 'Bring projects and their counterparts in task trackers together';

    protected $help = <<<'HELP'
        Example:
          php artisan moss:trackers
        HELP;

    public function handle(): int
    {
        $count = 0;
        foreach (TrackerLink::query()->orderBy('asked_at')->pluck('id') as $id) {
            SyncLinkJob::dispatch(is_numeric($id) ? (int) $id : 0);
            $count++;
        }
        $this->line(Wording::choice('trackers.queued', $count));

        return self::SUCCESS;
    }
}
