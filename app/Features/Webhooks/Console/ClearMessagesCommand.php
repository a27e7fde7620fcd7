<?php

declare(strict_types=1);

namespace App\Features\Webhooks\Console;

use App\Models\WebhookMessage;
use App\Models\WebhookState;
use App\Support\Clock\Today;
use App\Support\Language\Wording;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

/** Deletes messages to other systems that were received or given up some time ago. */
final class ClearMessagesCommand extends Command
{
    private const DAYS = 30;

    private const AT_ONCE = 500;

    protected $signature = 'moss:clear-webhook-messages';

    protected $description = 'Delete messages to other systems that are older than 30 days';

    protected $help = <<<'HELP'
        Example:
          php artisan moss:clear-webhook-messages
        HELP;

    public function handle(Today $today): int
    {
        $before = $today->instant()->modify('-'.self::DAYS.' days')->format('Y-m-d\TH:i:s\Z');
        $cleared = 0;
        do {
            $ids = WebhookMessage::query()->where('created_at', '<', $before)->whereNot('state', WebhookState::Waiting->value)->orderBy('created_at')->limit(self::AT_ONCE)->pluck('id')->all();
            DB::transaction(static fn (): mixed => WebhookMessage::query()->whereIn('id', $ids)->delete());
            $cleared += count($ids);
        } while (count($ids) === self::AT_ONCE);
        $this->line(Wording::choice('webhooks.cleared', $cleared));

        return self::SUCCESS;
    }
}
