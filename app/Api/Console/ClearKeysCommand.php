<?php

declare(strict_types=1);

namespace App\Api\Console;

use App\Models\IdempotencyKey;
use App\Support\Clock\Today;
use App\Support\Database\ShortSteps;
use Illuminate\Console\Command;

/** Forgets what was answered to requests that can no longer be repeated. */
final class ClearKeysCommand extends Command
{
    private const AT_ONCE = 200;

    protected $signature = 'moss:clear-keys';

    protected $description = 'Forget the idempotency keys of the API that are older than a day';

    protected $help = <<<'HELP'
        Example:
          php artisan moss:clear-keys
        HELP;

    public function handle(Today $today): int
    {
        $before = $today->instant()->modify('-1 day')->format('Y-m-d\TH:i:s\Z');
        ShortSteps::run(static function () use ($before): bool {
            $ids = IdempotencyKey::query()->where('asked_at', '<', $before)->orderBy('asked_at')->limit(self::AT_ONCE)->pluck('id')->all();
            IdempotencyKey::query()->whereKey($ids)->delete();

            return count($ids) === self::AT_ONCE;
        }, null);

        return self::SUCCESS;
    }
}
