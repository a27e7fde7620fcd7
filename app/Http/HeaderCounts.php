<?php

declare(strict_types=1);

namespace App\Http;

use App\Approval\LeaveDeciders;
use App\Approval\Waiting;
use App\Models\ExpenseCategory;
use App\Models\Message;
use App\Models\Organisation;
use App\Models\Person;
use App\Models\StoredRecalculation;
use App\Models\Stretch;
use App\Models\StretchSource;
use App\Models\Team;
use App\Models\Timer;
use App\Sheet\TimesheetSetting;
use App\Support\Database\Record;
use App\Support\Database\Sql;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\TimesheetPeriod;
use Moss\Core\Calendar\Week;
use Moss\Core\Time\DayUnit;

/**
 * How much time, what expenses and how much leave wait for a person, how much they have not read, the first week with measured time that is not inked,
 * whether they lead anybody, may request work and can enter expenses, what their timesheet covers, and how much of what is being recalculated is
 * done; in one query.
 */
final readonly class HeaderCounts
{
    private function __construct(public int $waiting, public int $leave, public int $unread, public bool $leads, public bool $requestsWork, public ?int $recalculated, public ?string $toInk, public bool $hasTimer, public bool $spends, public TimesheetSetting $timesheet)
    {
    }

    public static function of(Person $person, Waiting $waiting, Day $today): self
    {
        $record = Record::all(DB::query()
            ->selectSub($waiting->for($person, $today)->addSelect(Sql::count()), 'entries')
            ->selectSub($waiting->corrections($person, $today)->addSelect(Sql::count()), 'corrections')
            ->selectSub($waiting->expenses($person, $today)->addSelect(Sql::count()), 'expenses')
            ->selectSub(ExpenseCategory::query()->toBase()->where('active', true)->select(Sql::exists()), 'spends')
            ->selectSub(LeaveDeciders::waiting($person, $today)->addSelect(Sql::count()), 'leave')
            ->selectSub(Message::query()->toBase()->where('person_id', $person->id)->where('in_app', 1)->whereNull('read_at')->addSelect(Sql::count()), 'unread')
            ->selectSub(StoredRecalculation::query()->toBase()->selectRaw('100 * coalesce(sum(units_done), 0) / max(1, sum(units))')->havingRaw('count(*) > 0'), 'recalculated')
            ->selectSub(Stretch::query()->toBase()->where('person_id', $person->id)->where('is_inked', 0)->where('source', StretchSource::Timer->value)->addSelect(Sql::min('date')), 'to_ink')
            ->selectSub(Timer::query()->toBase()->where('person_id', $person->id)->addSelect(Sql::count()), 'timers')
            ->selectSub(Team::query()->toBase()->where('id', $person->team_id)->select('timesheet_period'), 'timesheet_period')
            ->selectSub(Team::query()->toBase()->where('id', $person->team_id)->select('counted_in'), 'counted_in')
            ->selectSub(Organisation::query()->toBase()->select('takes_requests'), 'requests')
            ->selectSub(Person::query()->toBase()->where('manager_id', $person->id)->addSelect(Sql::count()), 'led'))[0];

        $toInk = $record->stringOrNull('to_ink');

        return new self($record->int('entries') + $record->int('corrections') + $record->int('expenses'), $record->int('leave'), $record->int('unread'), $record->int('led') > 0, $record->int('requests') > 0, $record->intOrNull('recalculated'), $toInk === null ? null : Week::containing(Day::of($toInk))->toString(), $record->int('timers') > 0, $record->int('spends') > 0, TimesheetSetting::ofTeam(
            TimesheetPeriod::tryFrom($record->stringOrNull('timesheet_period') ?? ''), DayUnit::tryFrom($record->stringOrNull('counted_in') ?? ''),
        ));
    }
}
