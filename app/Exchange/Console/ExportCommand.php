<?php

declare(strict_types=1);

namespace App\Exchange\Console;

use App\Exchange\ExchangeText;
use App\Exchange\ExportExchange;
use App\Support\Console\WritesErrors;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\File;

final class ExportCommand extends Command
{
    use WritesErrors;

    protected $signature = 'moss:export {folder : folder to write to; created if it does not exist}';

    protected $description = 'Export all data as exchange files';

    protected $help = <<<'HELP'
        Example:
          php artisan moss:export export/2026-06-17
        HELP;

    public function handle(ExportExchange $export): int
    {
        $folder = $this->argument('folder');
        if (is_file($folder) || (! is_dir($folder) && ! @mkdir($folder, 0o755, true)) || ! File::isWritable($folder)) {
            $this->complain(ExchangeText::get('no_folder', ['folder' => $folder]));

            return self::FAILURE;
        }
        foreach ($export->handle($folder) as $file => $count) {
            $this->line(ExchangeText::get('report.written', ['file' => $file, 'count' => $count]));
        }

        return self::SUCCESS;
    }
}
