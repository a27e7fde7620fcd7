<?php

declare(strict_types=1);

return [
    // Fixes "today" (YYYY-MM-DD) for tests, pictures and demonstrations; empty means the real day.
    'today' => env('MOSS_TODAY'),

    // Lets the sign-in page offer demo people without a password. Never on with real data.
    'demo' => (bool) env('MOSS_DEMO', false),

    // Sign-in attempts a minute for one address and e-mail before a pause is asked for.
    'sign_in_attempts' => 5,
];
