<?php

declare(strict_types=1);

namespace Demo;

use App\Features\Webhooks\Actions\KeepWebhooks;
use App\Models\AppointmentCalendar;
use App\Models\Person;
use App\Models\Tracker;
use App\Models\Webhook;
use App\Models\WebhookTopic;
use Illuminate\Console\Command;
use Simulated\Calendars\Diary;

/** Connects the demonstration with the simulated systems outside. They can be on other ports each time that it is started. */
final class SystemsCommand extends Command
{
    private const WEBHOOK = 'Harbour board';

    private const TRACKER = 'Workshop board';

    private const CALENDAR = 'Diary';

    protected $signature = 'moss:demo-systems';

    protected $description = 'Connect the demonstration with the simulated systems outside, where those are now';

    protected $help = <<<'HELP'
        Example:
          MOSS_SIMULATED_TRACKER=http://127.0.0.1:8193 php artisan moss:demo-systems
        HELP;

    public function handle(KeepWebhooks $webhooks): int
    {
        if (config('moss.demo') !== true) {
            $this->error('This is for the demonstration only: MOSS_DEMO is off.');

            return self::FAILURE;
        }
        self::connectCalendars(config()->string('moss.simulated_calendars'));
        self::connectReceiver(config()->string('moss.simulated_receiver'), $webhooks);
        self::connectTracker(config()->string('moss.simulated_tracker'));

        return self::SUCCESS;
    }

    private static function connectCalendars(string $address): void
    {
        if ($address === '') {
            return;
        }
        // Others have calendars too, which they add themselves.
        $codes = array_intersect(Diary::people(), array_keys(Cast::PEOPLE));
        foreach (Person::query()->whereIn('code', $codes)->get(['id', 'code']) as $person) {
            AppointmentCalendar::query()->updateOrCreate(['person_id' => $person->id, 'name' => self::CALENDAR], ['address' => $address.'/'.$person->code.'.ics']);
        }
    }

    private static function connectReceiver(string $address, KeepWebhooks $webhooks): void
    {
        if ($address === '') {
            return;
        }
        $address .= '/events';
        $webhook = Webhook::query()->where('name', self::WEBHOOK)->first();
        if ($webhook === null) {
            $office = Person::query()->where('code', 'tobin.vale')->sole();
            [$webhook] = $webhooks->add($office, self::WEBHOOK, $address, [WebhookTopic::Time, WebhookTopic::Plans, WebhookTopic::Leave]);
        }
        // The receiver knows this secret.
        $webhook->update(['address' => $address, 'secret' => config()->string('single_sign_on.client_secret')]);
    }

    private static function connectTracker(string $address): void
    {
        if ($address === '') {
            return;
        }
        // It is not running yet, so it is not asked whether it answers.
        Tracker::query()->updateOrCreate(['name' => self::TRACKER], ['address' => $address, 'token' => config()->string('single_sign_on.client_secret')]);
    }
}
