<?php

declare(strict_types=1);

/*
 * The application for what bin/bench runs, as a command has it; the environment names its database.
 */

use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;

require __DIR__.'/../../vendor/autoload.php';
$application = require __DIR__.'/../../bootstrap/app.php';
assert($application instanceof Application);
$application->make(Kernel::class)->bootstrap();
// What goes wrong ends what runs with an exit code.
restore_exception_handler();

return $application;
