<?php

declare(strict_types=1);

namespace App\Features\Week\Console;

use App\Features\Week\Queries\PencilSourceText;
use App\Features\Week\Queries\SheetRecords;
use App\Features\Week\Queries\WeekPencil;
use App\Models\Person;
use App\Sheet\ExpectedDays;
use App\Support\Clock\Today;
use App\Support\Console\FigureTable;
use App\Support\Console\OptionRefused;
use App\Support\Console\ReadsOptions;
use Illuminate\Console\Command;
use Moss\Core\Sheet\Proposal;

final class PencilCommand extends Command
{
    use ReadsOptions;

    private const COLUMNS = ['date', 'project', 'task', 'role', 'minutes', 'why'];

    protected $signature = 'moss:pencil
        {--person= : code of the person}
        {--week= : week, as 2026-W25}
        {--format=csv : csv or json}';

    protected $description = 'Print the hours that the plan proposes for a week';

    protected $help = <<<'HELP'
        Example:
          php artisan moss:pencil --person=ada.moor --week=2026-W25
        HELP;

    public function handle(WeekPencil $pencil, Today $today): int
    {
        try {
            $format = $this->oneOf('format', 'csv', 'json');
            [$person, $week] = [$this->person(), $this->week('week')];
            $proposals = $pencil->fromPlan($person, SheetRecords::load($person, $week, $today->for($person)), ExpectedDays::of($person, $week->days()));
        } catch (OptionRefused $refused) {
            $this->complain($refused->getMessage());

            return self::FAILURE;
        }
        $rows = array_map(static fn (Proposal $proposal): array => array_combine(self::COLUMNS, [
            $proposal->day->toString(),
            $proposal->line()->project,
            $proposal->line()->task,
            $proposal->line()->role,
            $proposal->minutes->toInt(),
            PencilSourceText::of($proposal),
        ]), $proposals);
        FigureTable::print($this->output, $format, self::COLUMNS, $rows);

        return self::SUCCESS;
    }

    /** @throws OptionRefused */
    private function person(): Person
    {
        $code = $this->text('person') ?? '';

        return Person::query()->where('code', $code)->first() ?? throw OptionRefused::because('code', ['option' => 'person', 'value' => $code]);
    }
}
