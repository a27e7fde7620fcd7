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
        {source : a folder of exchange files, or a ZIP of one}
        {--dry-run : report what an import would do and change nothing}
        {--replace-plan : assignments that are gone from the files end}';

    protected $description = 'Take exchange files over, all of them or nothing';

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
