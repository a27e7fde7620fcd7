<?php

declare(strict_types=1);

return [
    'default' => 'sqlite',

    'connections' => [
        'sqlite' => [
            'driver' => 'sqlite',
            'database' => env('DB_DATABASE', database_path('moss.sqlite')),
            'prefix' => '',
            'foreign_key_constraints' => true,
            'busy_timeout' => 10000,
            'journal_mode' => 'wal',
            'synchronous' => 'normal',
            'pragmas' => ['temp_store' => 'memory', 'cache_size' => -16000],
        ],
    ],

    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
];
