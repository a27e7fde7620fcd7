<?php

declare(strict_types=1);

namespace App\Exchange\Console;

use App\Exchange\ExchangeSource;
use App\Exchange\ExchangeText;
use App\Exchange\ImportExchange;
use App\Exchange\ImportRefused;
use App\Support\Console\WritesErrors;
use Illuminate\Console\Command;

final class ImportCommand extends Command
{
    use WritesErrors;

    protected $signature = 'moss:import
        {source : folder of exchange files, or a ZIP file of one}
        {--dry-run : report what would be imported, without changing anything}
        {--replace-plan : end assignments that are no longer in the files}';

    protected $description = 'Import exchange files: all of them, or nothing';

    protected $help = <<<'HELP'
        Examples:
          php artisan moss:import plan --dry-run
          php artisan moss:import plan.zip --replace-plan
        HELP;

    public function handle(ImportExchange $import): int
    {
        try {
            $source = ExchangeSource::at($this->argument('source'));
            $report = $import->handle($source, $this->option('dry-run') === true, $this->option('replace-plan') === true);
        } catch (ImportRefused $refused) {
            foreach ($refused->problems as $problem) {
                $this->complain($problem->sentence());
            }
            if ($refused->count > count($refused->problems)) {
                $this->complain(ExchangeText::get('report.more', ['count' => $refused->count - count($refused->problems)]));
            }
            $this->complain(ExchangeText::get('report.refused', ['count' => $refused->count]));

            return self::FAILURE;
        }
        foreach ($report->files as $file => $counts) {
            $this->line(ExchangeText::get('report.file', ['file' => $file] + $counts));
        }
        foreach ($report->planChanges as $change) {
            $this->line($change);
        }
        if ($report->ended > 0) {
            $this->line(ExchangeText::get('report.ended', ['count' => $report->ended]));
        }
        $this->line(ExchangeText::get($this->option('dry-run') === true ? 'report.dry_run' : 'report.done'));

        return self::SUCCESS;
    }
}
