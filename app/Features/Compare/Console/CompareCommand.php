<?php

declare(strict_types=1);

namespace App\Features\Compare\Console;

use App\Effort\Recalculation\Recalculation;
use App\Features\Compare\Files\ComparisonLines;
use App\Features\Compare\Files\CsvComparison;
use App\Features\Compare\Files\JsonComparison;
use App\Features\Compare\Files\MeasureColumns;
use App\Features\Compare\Queries\ComparableWork;
use App\Features\Compare\Queries\ComparedHistory;
use App\Features\Compare\Queries\ComparisonAddress;
use App\Features\Compare\Queries\ComparisonQuestion;
use App\Features\Compare\Queries\ComparisonReport;
use App\Features\Compare\Queries\ComparisonTerms;
use App\Features\Compare\Queries\GroupNames;
use App\OwnFields\OwnFieldList;
use App\Support\Clock\Today;
use App\Support\Console\FigureTable;
use App\Support\Console\OptionRefused;
use App\Support\Console\ReadsOptions;
use Illuminate\Console\Command;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\RollingPeriod;
use Moss\Core\Compare\Comparison;
use Moss\Core\Compare\ComparisonRow;
use Moss\Core\Compare\Grouping;
use Moss\Core\Compare\Measure;
use Moss\Core\Compare\Selection;
use Moss\Core\OwnFields\FieldSubject;
use Moss\Core\OwnFields\OwnField;
use Symfony\Component\Console\Output\OutputInterface;

final class CompareCommand extends Command
{
    use ReadsOptions;

    /** There may be tens of thousands of tasks, whose names are looked up some at a time. */
    private const NAMED_AT_ONCE = 5_000;

    private const COLUMNS = ['group', 'name', 'planned', 'planned_to_date', 'actual', 'pending', 'variance', 'variance_pct'];

    protected $signature = 'moss:compare
        {--by= : project, phase, task, person, team, client, manager, role, charge-code, billable, field, quarter, month or week}
        {--field= : the own field that is compared by or narrowed to, by its code}
        {--value=* : only what holds one of these values of that field; - for none}
        {--from= : first day, as 2026-06-01}
        {--to= : last day, as 2026-06-30}
        {--period= : in the place of two days, a period that moves with today, as last-month, this-quarter or last-6-weeks, or to-date}
        {--question= : all of it as in the address of the page, in the place of the options below, as "by=client&then=project&across=month&period=last-quarter"; prints what the page has as a file}
        {--today= : last day that counts as planned to date; the current day by default}
        {--project=* : only these projects, by code}
        {--person=* : only these people, by code}
        {--team=* : only these teams, by code}
        {--client=* : only these clients, by code}
        {--manager=* : only projects of these managers, by code}
        {--role=* : only these roles, by code}
        {--charge-code=* : only these charge codes}
        {--billable= : yes or no, for nothing but billable time, or for all else}
        {--internal= : only or out, for nothing but internal time and leave, or for all else}
        {--measure=* : further columns: expected, utilisation, billable, billable-share, cost, bill-value, margin, remaining, forecast, difference or difference-pct}
        {--pending : count time that is not approved yet as actual}
        {--format=csv : csv or json}';

    protected $description = 'Print planned against actual hours of a period';

    protected $help = <<<'HELP'
        Examples:
          php artisan moss:compare --by=client --from=2026-04-01 --to=2026-06-30
          php artisan moss:compare --by=person --from=2026-06-01 --to=2026-06-30 --team=field --pending
          php artisan moss:compare --by=person --period=last-month --measure=expected --measure=utilisation
          php artisan moss:compare --question="by=client&then=project&across=month&period=last-quarter"
          php artisan moss:compare --by=manager --period=last-quarter --internal=out
        HELP;

    public function handle(ComparisonReport $report, Recalculation $recalculation, Today $clock): int
    {
        try {
            $recalculation->finish();
            $question = $this->text('question');
            if ($question !== null) {
                return $this->answer($report, ComparisonAddress::saved($question)->question(null, $this->today($clock)));
            }
            $grouping = Grouping::from($this->oneOf('by', ...array_map(static fn (Grouping $grouping): string => $grouping->value, Grouping::cases())));
            $format = $this->oneOf('format', 'csv', 'json');
            $today = $this->today($clock);
            $measures = $this->measures();
            $field = $this->field($grouping);
            $comparison = $report->comparison(new ComparisonTerms($grouping, $this->selection($field), $this->period($today), $today, $this->option('pending') === true, measures: $measures, field: $field), ComparableWork::all());
        } catch (OptionRefused $refused) {
            $this->complain($refused->getMessage());

            return self::FAILURE;
        }
        $further = MeasureColumns::of($measures);
        $rows = self::rows($comparison, $grouping, $field, $further);
        FigureTable::print($this->output, $format, [...self::COLUMNS, ...$further->headings()], $rows);

        return self::SUCCESS;
    }

    /**
     * What the page of a question has as a file.
     *
     * @throws OptionRefused
     */
    private function answer(ComparisonReport $report, ComparisonQuestion $asked): int
    {
        $lines = ComparisonLines::of($report, ComparableWork::all(), $asked);
        foreach ($this->oneOf('format', 'csv', 'json') === 'csv' ? CsvComparison::lines($lines) : JsonComparison::pieces($lines) as $piece) {
            $this->output->write($piece, false, OutputInterface::OUTPUT_RAW);
        }

        return self::SUCCESS;
    }

    /**
     * @return list<Measure>
     *
     * @throws OptionRefused
     */
    private function measures(): array
    {
        return array_map(static fn (string $name): Measure => Measure::tryFrom($name) ?? throw OptionRefused::because('measure', ['value' => $name]), $this->texts('measure'));
    }

    /** @throws OptionRefused */
    private function field(Grouping $grouping): ?OwnField
    {
        $code = $this->text('field');
        if ($code === null) {
            return $grouping === Grouping::OwnField ? throw OptionRefused::because('missing_field', []) : null;
        }

        return OwnFieldList::all()->named($code) ?? throw OptionRefused::because('code', ['option' => 'field', 'value' => $code]);
    }

    /** @throws OptionRefused */
    private function period(Day $today): DayRange
    {
        $period = $this->text('period');
        if ($period === ComparisonAddress::TO_DATE) {
            return DayRange::between(ComparedHistory::firstDay($today), $today);
        }
        if ($period !== null) {
            return RollingPeriod::read($period)?->on($today) ?? throw OptionRefused::because('period', ['value' => $period]);
        }
        $first = $this->day('from') ?? throw OptionRefused::because('missing', ['option' => 'from']);
        $last = $this->day('to') ?? throw OptionRefused::because('missing', ['option' => 'to']);

        return $last->isBefore($first) ? throw OptionRefused::because('reversed', []) : DayRange::between($first, $last);
    }

    /** @throws OptionRefused */
    private function selection(?OwnField $field): Selection
    {
        return new Selection(
            $this->codes('project', 'projects'),
            $this->codes('person', 'people'),
            $this->codes('team', 'teams'),
            $this->codes('client', 'clients'),
            $this->codes('manager', 'people'),
            $this->text('internal') === null ? null : $this->oneOf('internal', 'only', 'out') === 'only',
            billable: $this->text('billable') === null ? null : $this->oneOf('billable', 'yes', 'no') === 'yes',
            roles: $this->codes('role', 'roles'),
            chargeCodes: $this->texts('charge-code'),
            fieldValues: $field === null ? [] : $this->texts('value'),
            fieldIsOfPeople: $field?->subject === FieldSubject::Person,
        );
    }

    /** @return iterable<array<string, string|int|null>> */
    private static function rows(Comparison $comparison, Grouping $grouping, ?OwnField $field, MeasureColumns $further): iterable
    {
        $groups = $comparison->groups();
        for ($place = 0; $place < count($groups); $place += self::NAMED_AT_ONCE) {
            $some = array_slice($groups, $place, self::NAMED_AT_ONCE, true);
            $names = GroupNames::for($grouping, array_map(strval(...), array_keys($some)), $field);
            foreach ($some as $group => $compared) {
                yield self::cells((string) $group, $names->nameOf((string) $group), $compared->row, $further);
            }
        }
        yield self::cells('total', '', $comparison->total(), $further);
    }

    /** @return array<string, string|int|null> */
    private static function cells(string $group, string $name, ComparisonRow $row, MeasureColumns $further): array
    {
        return array_combine([...self::COLUMNS, ...$further->headings()], [
            $group,
            $name,
            $row->planned,
            $row->plannedToDate,
            $row->actual,
            $row->pending,
            $row->variance(),
            $row->variancePercentage()?->__toString(),
            ...$further->cells($row),
        ]);
    }
}
