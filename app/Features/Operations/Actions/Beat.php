<?php

declare(strict_types=1);

namespace App\Features\Operations\Actions;

use App\Models\Heartbeat;
use App\Support\Clock\Today;
use Illuminate\Support\Facades\DB;

/** Writes down that a process in the background is at work. */
final readonly class Beat
{
    public const SCHEDULER = 'scheduler';

    public const QUEUE = 'queue';

    public const BACKUP = 'backup';

    public function __construct(private Today $today)
    {
    }

    public function handle(string $name): void
    {
        DB::transaction(fn () => Heartbeat::query()->upsert([['name' => $name, 'at' => $this->today->instant()->format('Y-m-d\TH:i:s\Z')]], ['name']));
    }
}
