<?php

declare(strict_types=1);

namespace App\Features\Timesheets\Queries;

use App\Features\Timesheets\Props\RecorderProps;
use App\Features\Timesheets\Props\SheetOwnerProps;
use App\Features\Timesheets\Props\TimesheetsProps;
use App\Features\Timesheets\Props\TrustReason;
use App\Models\Access;
use App\Models\Person;
use App\Models\Recorder;
use App\Support\Clock\Today;
use App\Support\Database\Record;
use App\Support\Database\Sql;
use Illuminate\Database\Query\Builder;
use Illuminate\Database\Query\JoinClause;
use Moss\Core\Calendar\Week;

/** Whose sheets a person records in, and who records in theirs. In three queries. */
final readonly class RecordableTimesheets
{
    private const MOST = 60;

    public function __construct(private Today $today)
    {
    }

    public function of(Person $reader, string $search): TimesheetsProps
    {
        $owners = Record::all($this->owners($reader, $search)->limit(self::MOST + 1));
        $recorders = Record::all(Recorder::query()->toBase()->join('people', 'people.id', 'recorders.recorder_id')
            ->where('recorders.person_id', $reader->id)->orderBy('people.name')->select('people.id', 'people.code', 'people.name', 'recorders.may_submit'));

        return new TimesheetsProps(
            Week::containing($this->today->for($reader))->toString(),
            $search,
            array_map(static fn (Record $record): SheetOwnerProps => self::owner($record, $reader), array_slice($owners, 0, self::MOST)),
            max(0, count($owners) - self::MOST),
            array_map(static fn (Record $record): RecorderProps => new RecorderProps($record->string('code'), $record->string('name'), $record->bool('may_submit')), $recorders),
        );
    }

    private function owners(Person $reader, string $search): Builder
    {
        return Person::query()->toBase()
            ->leftJoin('teams', 'teams.id', 'people.team_id')
            ->leftJoin('recorders', static fn (JoinClause $join): JoinClause => $join->on('recorders.person_id', 'people.id')->where('recorders.recorder_id', $reader->id))
            ->where('people.id', '<>', $reader->id)->where('people.access', '<>', Access::Viewer->value)
            ->when(! $reader->isOffice(), static fn (Builder $query): Builder => $query
                ->where(static fn (Builder $why): Builder => $why->where('people.manager_id', $reader->id)->orWhereIn('people.id', Recorder::query()->where('recorder_id', $reader->id)->select('person_id'))))
            ->when($search !== '', static fn (Builder $query): Builder => $query->whereLike('people.name', '%'.addcslashes($search, '%_\\').'%'))
            ->orderBy(Sql::isNull('recorders.id'))->orderByRaw('people.manager_id IS NOT ?', [$reader->id])->orderBy('people.name')
            ->select('people.code', 'people.name', 'teams.name AS team', 'people.manager_id', 'recorders.id AS recorder', 'recorders.may_submit');
    }

    private static function owner(Record $record, Person $reader): SheetOwnerProps
    {
        $reason = match (true) {
            $record->intOrNull('recorder') !== null => TrustReason::Permission,
            $record->intOrNull('manager_id') === $reader->id => TrustReason::LineManager,
            default => TrustReason::Office,
        };

        return new SheetOwnerProps($record->string('code'), $record->string('name'), $record->stringOrNull('team'), $reason, $record->intOrNull('may_submit') === 1);
    }
}
