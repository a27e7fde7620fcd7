<?php

declare(strict_types=1);

namespace App\Features\Projects\Console;

use App\Effort\Recalculation\Recalculation;
use App\Features\Projects\Queries\StatusLevel;
use App\Features\Projects\Queries\StatusReport;
use App\Features\Projects\Queries\StatusRow;
use App\Support\Clock\Today;
use App\Support\Console\FigureTable;
use App\Support\Console\OptionRefused;
use App\Support\Console\ReadsOptions;
use Illuminate\Console\Command;

final class StatusCommand extends Command
{
    use ReadsOptions;

    protected $signature = 'moss:status
        {--today= : day on which to calculate; the current day by default}
        {--project=* : only these projects, by code}
        {--level=project : project, phase, task or assignee}
        {--format=csv : csv or json}';

    protected $description = 'Print planned, actual, remaining, forecast and cost of projects at completion';

    protected $help = <<<'HELP'
        Examples:
          php artisan moss:status --level=assignee --project=LENS
          php artisan moss:status --today=2026-06-30 --format=json
        HELP;

    public function handle(StatusReport $report, Recalculation $recalculation, Today $clock): int
    {
        try {
            $recalculation->finish();
            $level = StatusLevel::from($this->oneOf('level', 'project', 'phase', 'task', 'assignee'));
            $format = $this->oneOf('format', 'csv', 'json');
            $rows = $report->rows($level, $this->today($clock), $this->codes('project', 'projects'));
        } catch (OptionRefused $refused) {
            $this->complain($refused->getMessage());

            return self::FAILURE;
        }
        $cells = array_map(static fn (StatusRow $row): array => $row->cells(), $rows);
        FigureTable::print($this->output, $format, StatusRow::COLUMNS, $cells);

        return self::SUCCESS;
    }
}
