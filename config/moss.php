<?php

declare(strict_types=1);

return [
    // Fixes "today" (YYYY-MM-DD) for tests, pictures and demonstrations; empty means the real day.
    'today' => env('MOSS_TODAY'),

    // Host names besides that of APP_URL under which the application may be asked for, separated by commas.
    'trusted_hosts' => env('MOSS_TRUSTED_HOSTS', ''),

    // Hosts with ports inside the own network that calendars, webhooks and task trackers may be at, as 127.0.0.1:8190, separated by commas.
    'allowed_hosts' => env('MOSS_ALLOWED_HOSTS', ''),

    // Where the simulated calendars of the demonstration are; empty for nowhere.
    'simulated_calendars' => env('MOSS_SIMULATED_CALENDARS', ''),

    // Where the simulated receiver of the demonstration is; empty for nowhere.
    'simulated_receiver' => env('MOSS_SIMULATED_RECEIVER', ''),

    // Where the simulated task tracker of the demonstration is; empty for nowhere.
    'simulated_tracker' => env('MOSS_SIMULATED_TRACKER', ''),

    // The folder in which mail with receipts comes in, each message a file *.eml.
    'receipts_mailbox' => env('MOSS_RECEIPTS_MAILBOX') ?: storage_path('app/private/receipts-mailbox'),

    // Seals the audit trail. Outside the database, and not changed once in use: lines written with another key do not verify.
    'audit_key' => env('MOSS_AUDIT_KEY') ?: hash_hmac('sha256', 'audit trail', (string) env('APP_KEY', '')),

    // Lets the sign-in page offer demo people without a password. Never on with real data.
    'demo' => (bool) env('MOSS_DEMO', false),
];
