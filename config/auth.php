<?php

declare(strict_types=1);

use App\Models\Person;

return [
    'defaults' => ['guard' => 'web', 'passwords' => 'people'],
    'guards' => ['web' => ['driver' => 'session', 'provider' => 'people']],
    'providers' => ['people' => ['driver' => 'signed-in', 'model' => Person::class]],
    'passwords' => [],
    'password_timeout' => 10800,
];
