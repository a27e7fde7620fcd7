<?php

declare(strict_types=1);

namespace App\Features\Webhooks\Console;

use App\Features\Webhooks\Actions\MakeMessages;
use App\Features\Webhooks\Jobs\SendMessagesJob;
use App\Models\Webhook;
use App\Models\WebhookState;
use App\Support\Clock\Today;
use App\Support\Language\Wording;
use Illuminate\Console\Command;
use Illuminate\Database\Eloquent\Builder;

/** Makes messages for other systems of what has happened, and has what is due sent. */
final class WebhooksCommand extends Command
{
    /** Between two looks at what has happened. */
    private const PAUSE_SECONDS = 3;

    protected $signature = 'moss:webhooks {--for=0 : For so many seconds, looking every three; once without}';

    protected $description = 'Tell other systems what has happened';

    protected $help = <<<'HELP'
        Example:
          php artisan moss:webhooks
        HELP;

    public function handle(MakeMessages $make, Today $today): int
    {
        $for = $this->option('for');
        $until = microtime(true) + min(3600, is_numeric($for) ? (int) $for : 0);
        $queued = 0;
        do {
            $webhooks = Webhook::query()->where('is_paused', false)->orderBy('id')->get()->all();
            foreach ($webhooks as $webhook) {
                while ($make->handle($webhook)) {
                    // The next part, in a transaction of its own.
                }
            }
            $due = Webhook::query()->where('is_paused', false)->where(static fn (Builder $awake): Builder => $awake->whereNull('rests_until')->orWhere('rests_until', '<=', $today->instant()->format('Y-m-d\TH:i:s\Z')))->whereHas('messages', static fn (Builder $messages): Builder => $messages->where('state', WebhookState::Waiting->value)->where('due_at', '<=', $today->instant()->format('Y-m-d\TH:i:s\Z')));
            foreach ($due->pluck('id') as $id) {
                SendMessagesJob::dispatch(is_numeric($id) ? (int) $id : 0);
                $queued++;
            }
            $isOver = $webhooks === [] || microtime(true) + self::PAUSE_SECONDS > $until;
            if (! $isOver) {
                sleep(self::PAUSE_SECONDS);
            }
        } while (! $isOver);
        $this->line(Wording::choice('webhooks.queued', $queued));

        return self::SUCCESS;
    }
}
