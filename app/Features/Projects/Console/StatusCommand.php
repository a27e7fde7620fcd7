<?php

declare(strict_types=1);

namespace App\Features\Projects\Console;

use App\Features\Figures\Actions\Recalculation;
use App\Features\Projects\Queries\StatusLevel;
use App\Features\Projects\Queries\StatusReport;
use App\Features\Projects\Queries\StatusRow;
use App\Support\Clock\Today;
use App\Support\Console\FigureTable;
use App\Support\Console\OptionRefused;
use App\Support\Console\ReadsOptions;
use Illuminate\Console\Command;
use Symfony\Component\Console\Output\OutputInterface;

final class StatusCommand extends Command
{
    use ReadsOptions;

    protected $signature = 'moss:status
        {--today= : the day to work it out on; the real one by default}
        {--project=* : only these projects, by code}
        {--level=project : project, phase, task or assignee}
        {--format=csv : csv or json}';

    protected $description = 'Planned, actual, remaining, forecast and cost at completion';

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
        $this->output->write($format === 'csv' ? FigureTable::csv(StatusRow::COLUMNS, $cells) : FigureTable::json($cells), false, OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }
}
