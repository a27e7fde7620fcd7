<?php

declare(strict_types=1);

use App\Providers\AppServiceProvider;

return [
    AppServiceProvider::class,
];
