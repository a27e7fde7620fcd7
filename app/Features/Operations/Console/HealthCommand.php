<?php

declare(strict_types=1);

namespace App\Features\Operations\Console;

use App\Features\Operations\Queries\HealthCheck;
use App\Features\Operations\Queries\SystemHealth;
use App\Support\Console\ReadsOptions;
use App\Support\Language\Wording;
use Illuminate\Console\Command;

final class HealthCommand extends Command
{
    use ReadsOptions;

    protected $signature = 'moss:health
        {--without=* : checks that do not count: database, queue, scheduler, disk or backup}';

    protected $description = 'Say whether the application is well, as /up does; exit code 1 if it is not';

    protected $help = <<<'HELP'
        Examples:
          php artisan moss:health
          php artisan moss:health --without=backup
        HELP;

    public function handle(SystemHealth $health): int
    {
        $report = $health->report();
        foreach ($report->states as $check => $state) {
            $this->line(Wording::of('commands.health_'.$state->value, ['check' => $check]));
        }
        $without = (array) $this->option('without');
        $failing = array_filter($report->failing(), static fn (HealthCheck $check): bool => ! in_array($check->value, $without, true));

        return $failing === [] ? self::SUCCESS : self::FAILURE;
    }
}
