<?php

declare(strict_types=1);

namespace Demo;

use App\Support\Clock\Today;
use App\Support\Console\OptionRefused;
use App\Support\Console\ReadsOptions;
use Illuminate\Console\Command;

final class FilesCommand extends Command
{
    use ReadsOptions;

    protected $signature = 'moss:demo-files
        {folder : folder to write to; created if it does not exist}
        {--today= : day to which the scenario is relative; the current day by default}';

    protected $description = 'Write the exchange files of the demonstration';

    protected $help = <<<'HELP'
        Example:
          php artisan moss:demo-files build/demo --today=2026-06-17
        HELP;

    public function handle(Today $clock): int
    {
        try {
            $scenario = new Scenario($this->today($clock));
        } catch (OptionRefused $refused) {
            $this->complain($refused->getMessage());

            return self::FAILURE;
        }
        $folder = $this->argumentText('folder');
        if (! is_dir($folder) && ! mkdir($folder, 0o755, true)) {
            return self::FAILURE;
        }
        foreach ($scenario->files() as $name => $contents) {
            file_put_contents($folder.'/'.$name, $contents);
        }

        return self::SUCCESS;
    }
}
