<?php

declare(strict_types=1);

namespace App\Features\Operations\Queries;

use App\Features\Operations\Actions\Beat;
use App\Models\Heartbeat;
use App\Support\Clock\Today;
use Illuminate\Support\Facades\DB;
use Throwable;

/** Whether database, queue, scheduler, disk and backups are well. Two short queries: it is asked for every few seconds. */
final readonly class SystemHealth
{
    /** The scheduler is seen every minute. */
    private const SCHEDULER_MINUTES = 5;

    /** A long job may keep the queue from being seen for a while. */
    private const QUEUE_MINUTES = 10;

    /** A nightly backup, and two hours for it to end. */
    private const BACKUP_MINUTES = 26 * 60;

    public function __construct(private Today $today)
    {
    }

    public function report(): HealthReport
    {
        try {
            $seen = Heartbeat::query()->pluck('at', 'name')->map(static fn (mixed $at): string => is_string($at) ? $at : '')->all();
            $database = HealthState::Well;
        } catch (Throwable $fault) {
            report($fault);
            [$seen, $database] = [[], HealthState::Failing];
        }
        $lastSeen = [];
        foreach ([[HealthCheck::Scheduler, Beat::SCHEDULER], [HealthCheck::Queue, Beat::QUEUE], [HealthCheck::Backup, Beat::BACKUP]] as [$check, $name]) {
            if (is_string($seen[$name] ?? null)) {
                $lastSeen[$check->value] = $seen[$name];
            }
        }

        return new HealthReport([
            HealthCheck::Database->value => $database,
            HealthCheck::Queue->value => config('queue.default') === 'sync' ? HealthState::None : $this->seenWithin($lastSeen[HealthCheck::Queue->value] ?? null, self::QUEUE_MINUTES),
            HealthCheck::Scheduler->value => $this->seenWithin($lastSeen[HealthCheck::Scheduler->value] ?? null, self::SCHEDULER_MINUTES),
            HealthCheck::Disk->value => self::disk(),
            HealthCheck::Backup->value => config('operations.backup_folder') === null ? HealthState::None : $this->seenWithin($lastSeen[HealthCheck::Backup->value] ?? null, self::BACKUP_MINUTES),
        ], $lastSeen);
    }

    private function seenWithin(?string $at, int $minutes): HealthState
    {
        return $at !== null && $at > $this->today->instant()->modify("-$minutes minutes")->format('Y-m-d\TH:i:s\Z') ? HealthState::Well : HealthState::Failing;
    }

    /** Where the data is, and where sessions and logs are. */
    private static function disk(): HealthState
    {
        $least = config()->integer('operations.least_free_megabytes') * 1024 * 1024;
        $database = DB::connection()->getDatabaseName();
        foreach ([is_file($database) ? dirname($database) : storage_path(), storage_path()] as $folder) {
            $free = disk_free_space($folder);
            if ($free === false || $free < $least) {
                return HealthState::Failing;
            }
        }

        return HealthState::Well;
    }
}
