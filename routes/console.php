<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Schedule;

Schedule::command('moss:heartbeat')->everyMinute();
Schedule::command('moss:webhooks --for=57')->everyMinute()->withoutOverlapping(10)->runInBackground();
Schedule::command('moss:client-systems')->mondays()->at('06:00');
Schedule::command('moss:billing')->everyFiveMinutes();
Schedule::command('moss:trackers')->everyMinute()->withoutOverlapping(10);
Schedule::command('moss:clear-webhook-messages')->daily();
Schedule::command('moss:recalculate')->everyMinute()->withoutOverlapping(10);
Schedule::command('moss:settle')->everyMinute()->withoutOverlapping(10);
Schedule::command('moss:receipts-mail')->everyFiveMinutes()->withoutOverlapping(10);
Schedule::command('moss:receipts-reminders')->dailyAt('06:30');
Schedule::command('moss:clear-transfers')->hourly();
Schedule::command('moss:clear-uploads')->daily();
Schedule::command('moss:clear-keys')->hourly();
Schedule::command('moss:clear-sessions')->hourly();
Schedule::command('moss:settings')->hourly();
Schedule::command('moss:anonymise')->daily()->withoutOverlapping(10);
Schedule::command('moss:appointments')->everyFiveMinutes()->withoutOverlapping(10);
Schedule::command('moss:messages')->everyFiveMinutes()->withoutOverlapping(10);
Schedule::command('moss:mail-comparisons')->everyFifteenMinutes()->withoutOverlapping(10);
