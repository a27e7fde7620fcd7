<?php

declare(strict_types=1);

namespace App\Features\Compare\Console;

use App\Effort\Recalculation\Recalculation;
use App\Features\Compare\Queries\ComparableWork;
use App\Features\Compare\Queries\ComparisonReport;
use App\Features\Compare\Queries\GroupNames;
use App\Support\Clock\Today;
use App\Support\Console\FigureTable;
use App\Support\Console\OptionRefused;
use App\Support\Console\ReadsOptions;
use Illuminate\Console\Command;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\RollingPeriod;
use Moss\Core\Compare\ComparisonRow;
use Moss\Core\Compare\Grouping;
use Moss\Core\Compare\Selection;
use Symfony\Component\Console\Output\OutputInterface;

final class CompareCommand extends Command
{
    use ReadsOptions;

    private const COLUMNS = ['group', 'name', 'planned', 'planned_to_date', 'actual', 'pending', 'variance', 'variance_pct'];

    protected $signature = 'moss:compare
        {--by= : project, phase, task, person, team, client, manager, role, charge-code, quarter, month or week}
        {--from= : first day, as 2026-06-01}
        {--to= : last day, as 2026-06-30}
        {--period= : in the place of two days, a period that moves with today, as last-month, this-quarter or last-6-weeks}
        {--today= : last day that counts as planned to date; the current day by default}
        {--project=* : only these projects, by code}
        {--person=* : only these people, by code}
        {--team=* : only these teams, by code}
        {--client=* : only these clients, by code}
        {--manager=* : only projects of these managers, by code}
        {--internal= : only or out, for nothing but internal time and leave, or for all else}
        {--pending : count time that is not approved yet as actual}
        {--format=csv : csv or json}';

    protected $description = 'Print planned against actual hours of a period';

    protected $help = <<<'HELP'
        Examples:
          php artisan moss:compare --by=client --from=2026-04-01 --to=2026-06-30
          php artisan moss:compare --by=person --from=2026-06-01 --to=2026-06-30 --team=field --pending
          php artisan moss:compare --by=manager --period=last-quarter --internal=out
        HELP;

    public function handle(ComparisonReport $report, Recalculation $recalculation, Today $clock): int
    {
        try {
            $recalculation->finish();
            $grouping = Grouping::from($this->oneOf('by', ...array_map(static fn (Grouping $grouping): string => $grouping->value, Grouping::cases())));
            $format = $this->oneOf('format', 'csv', 'json');
            $comparison = $report->comparison($grouping, $this->selection(), $this->period($this->today($clock)), $this->today($clock), $this->option('pending') === true, ComparableWork::all());
        } catch (OptionRefused $refused) {
            $this->complain($refused->getMessage());

            return self::FAILURE;
        }
        $names = GroupNames::for($grouping);
        $rows = [];
        foreach ($comparison->rows() as $group => $row) {
            $rows[] = self::cells((string) $group, $names->nameOf((string) $group), $row);
        }
        $rows[] = self::cells('total', '', $comparison->total());
        $this->output->write($format === 'csv' ? FigureTable::csv(self::COLUMNS, $rows) : FigureTable::json($rows), false, OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }

    /** @throws OptionRefused */
    private function period(Day $today): DayRange
    {
        $period = $this->text('period');
        if ($period !== null) {
            return RollingPeriod::read($period)?->on($today) ?? throw OptionRefused::because('period', ['value' => $period]);
        }
        $first = $this->day('from') ?? throw OptionRefused::because('missing', ['option' => 'from']);
        $last = $this->day('to') ?? throw OptionRefused::because('missing', ['option' => 'to']);

        return $last->isBefore($first) ? throw OptionRefused::because('reversed', []) : DayRange::between($first, $last);
    }

    /** @throws OptionRefused */
    private function selection(): Selection
    {
        return new Selection(
            $this->codes('project', 'projects'),
            $this->codes('person', 'people'),
            $this->codes('team', 'teams'),
            $this->codes('client', 'clients'),
            $this->codes('manager', 'people'),
            $this->text('internal') === null ? null : $this->oneOf('internal', 'only', 'out') === 'only',
        );
    }

    /** @return array<string, string|int|null> */
    private static function cells(string $group, string $name, ComparisonRow $row): array
    {
        return array_combine(self::COLUMNS, [
            $group,
            $name,
            $row->planned->toInt(),
            $row->plannedToDate->toInt(),
            $row->actual->toInt(),
            $row->pending->toInt(),
            $row->variance()->toInt(),
            $row->variancePercentage()?->__toString(),
        ]);
    }
}
