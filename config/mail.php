<?php

declare(strict_types=1);

return [
    // The outbox keeps every mail inside the application. Set MAIL_MAILER=smtp and the lines below to send them as well.
    'default' => env('MAIL_MAILER', 'outbox'),
    'mailers' => [
        'outbox' => ['transport' => 'outbox'],
        'array' => ['transport' => 'array'],
        'smtp' => [
            'transport' => 'smtp',
            'scheme' => env('MAIL_SCHEME'),
            'host' => env('MAIL_HOST', '127.0.0.1'),
            'port' => env('MAIL_PORT', 25),
            'username' => env('MAIL_USERNAME'),
            'password' => env('MAIL_PASSWORD'),
            'timeout' => 30,
        ],
    ],
    'from' => ['address' => env('MAIL_FROM_ADDRESS', 'moss-week@localhost'), 'name' => env('MAIL_FROM_NAME', 'Moss Week')],
];
