<?php

declare(strict_types=1);

namespace App\Features\ClientSystems\Files;

use App\Models\ClientSystem;
use App\Models\Entry;
use App\Support\Database\Record;
use App\Support\Database\Sql;
use App\Support\Files\CsvFile;
use App\Support\Files\Spreadsheet\SheetCell;
use App\Support\Files\SpreadsheetText;
use Illuminate\Database\Query\JoinClause;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Time\Minutes;

/** Our hours in the form in which a client's system writes its own: under its headings, with people as it calls them. */
final class HoursForClient
{
    /** @return iterable<string> CSV piece by piece */
    public static function of(ClientSystem $system, DayRange $days): iterable
    {
        $isByCode = $system->charge_code_heading !== '';
        yield CsvFile::write([[$system->person_heading, $system->date_heading, ...$isByCode ? [$system->charge_code_heading] : [], $system->hours_heading]]);
        $query = Entry::query()->toBase()->join('tasks', 'tasks.id', 'entries.task_id')->join('projects', 'projects.id', 'tasks.project_id')->join('people', 'people.id', 'entries.person_id')
            ->leftJoin('client_system_people', static fn (JoinClause $join): JoinClause => $join->on('client_system_people.person_id', 'people.id')->where('client_system_people.client_system_id', $system->id))
            ->where('projects.client_id', $system->client_id)->whereBetween('entries.date', [$days->first()->toString(), $days->last()->toString()])
            ->groupBy('people.code', 'entries.date')->orderBy('people.code')->orderBy('entries.date')
            ->select('people.'.$system->person_by.' AS person', 'client_system_people.called', 'entries.date')->addSelect(Sql::sum('entries.minutes', 'minutes'));
        if ($isByCode) {
            $query->groupBy(Sql::first(['entries.charge_code', 'tasks.charge_code']))->orderBy(Sql::first(['entries.charge_code', 'tasks.charge_code']))->addSelect(Sql::first(['entries.charge_code', 'tasks.charge_code'], 'charge_code'));
        }
        foreach (Record::each($query) as $row) {
            if ($row->int('minutes') !== 0) {
                yield CsvFile::write([[
                    SpreadsheetText::guarded($row->stringOrNull('called') ?? $row->string('person')), $row->string('date'), ...$isByCode ? [SpreadsheetText::guarded($row->stringOrNull('charge_code') ?? '')] : [],
                    SheetCell::hours(Minutes::of($row->int('minutes')))->value,
                ]]);
            }
        }
    }
}
