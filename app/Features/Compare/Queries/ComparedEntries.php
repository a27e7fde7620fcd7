<?php

declare(strict_types=1);

namespace App\Features\Compare\Queries;

use App\Effort\CostedMinutes;
use App\Effort\RatesInForce;
use App\Features\Compare\Props\ComparedEntryProps;
use App\Models\Entry;
use App\Models\OwnField as OwnFieldModel;
use App\Models\OwnFieldValue;
use App\Models\Person;
use App\Policies\WholeWeeks;
use App\Support\Database\Record;
use App\Support\Database\Sql;
use Illuminate\Database\Query\Builder;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\Week;
use Moss\Core\Compare\ComparedMoney;
use Moss\Core\Compare\ComparisonRow;
use Moss\Core\Compare\Grouping;
use Moss\Core\Compare\Measure;
use Moss\Core\Compare\Selection;
use Moss\Core\Money\Pricing;
use Moss\Core\OwnFields\OwnField;
use Moss\Core\Sheet\EntryState;
use Moss\Core\Time\Minutes;

/** The entries behind a figure of a comparison, the latest first; in a fixed number of queries. */
final class ComparedEntries
{
    private const AT_ONCE = 100;

    /** @return array{list<ComparedEntryProps>, int} those that are shown, and how many there are */
    public function of(Person $reader, ComparisonTerms $asked, Selection $selection, Measure $measure): array
    {
        $query = self::entries($reader, $asked, $selection, $measure);
        $count = Record::all((clone $query)->addSelect(Sql::count('number')))[0]->int('number');
        $entries = Record::all($query->orderByDesc('entries.date')->orderBy('people.name')->orderBy('entries.id')->limit(self::AT_ONCE)
            ->select('entries.date', 'entries.minutes', 'entries.state', 'entries.note', 'people.id AS person_id', 'people.code AS person_code', 'people.name AS person', 'projects.name AS project', 'tasks.name AS task', 'projects.manager_id', 'own_roles.code AS role')
            ->addSelect(self::billable('billable'))->selectSub(CostedMinutes::beside(), 'costed'));
        $people = array_values(array_unique(array_map(static fn (Record $entry): int => $entry->int('person_id'), $entries)));
        $open = WholeWeeks::among($reader, $people);
        $pricing = $measure->isMoney() ? RatesInForce::of($people) : null;

        return [array_map(static fn (Record $entry): ComparedEntryProps => new ComparedEntryProps(
            $entry->string('date'),
            isset($open[$entry->int('person_id')]) || (! $reader->isViewer() && $entry->int('manager_id') === $reader->id) ? Week::containing(Day::of($entry->string('date')))->toString() : null,
            $entry->string('person_code'),
            $entry->string('person'),
            $entry->string('project'),
            $entry->string('task'),
            $entry->int('minutes'),
            EntryState::from($entry->string('state')),
            $entry->string('note'),
            $pricing === null ? null : self::money($pricing, $entry, $measure),
        ), $entries), $count];
    }

    /** What an entry comes to, in minor units; null where no rate is known. */
    private static function money(Pricing $pricing, Record $entry, Measure $measure): ?int
    {
        $who = [$entry->string('person_code'), $entry->stringOrNull('role'), Day::of($entry->string('date')), Minutes::of($entry->int('minutes'))];
        $row = new ComparisonRow(0, 0, $who[3]->toInt(), 0, money: new ComparedMoney($pricing->cost(...[...$who, $entry->intOrNull('costed')]), $pricing->bill(...[...$who, $entry->bool('billable')]), Minutes::zero()));

        return $measure->amountOf($row);
    }

    private static function entries(Person $reader, ComparisonTerms $asked, Selection $selection, Measure $measure): Builder
    {
        $isActual = static fn (EntryState $state): bool => $state->isActual() || $asked->withPending;
        $states = array_filter(EntryState::cases(), $measure === Measure::Pending ? static fn (EntryState $state): bool => ! $state->isActual() : $isActual);
        $query = ComparableWork::of($reader)->narrow(Entry::query()->toBase())
            ->join('people', 'people.id', 'entries.person_id')->leftJoin('teams', 'teams.id', 'people.team_id')
            ->leftJoin('roles AS own_roles', 'own_roles.id', 'entries.role_id')->leftJoin('roles AS usual_roles', 'usual_roles.id', 'people.role_id')
            ->join('tasks', 'tasks.id', 'entries.task_id')->leftJoin('phases', 'phases.id', 'tasks.phase_id')
            ->join('projects', 'projects.id', 'tasks.project_id')->leftJoin('clients', 'clients.id', 'projects.client_id')
            ->join('people AS managers', 'managers.id', 'projects.manager_id')
            ->whereBetween('entries.date', [$asked->days->first()->toString(), $asked->days->last()->toString()])
            ->whereIn('entries.state', array_values($states));
        foreach (['projects.code' => $selection->projects, 'people.code' => $selection->persons, 'teams.code' => $selection->teams, 'clients.code' => $selection->clients, 'managers.code' => $selection->managers] as $column => $codes) {
            $query->when($codes !== [], static fn (Builder $named): Builder => $named->whereIn($column, $codes));
        }
        $query->when($selection->chargeCodes !== [], static fn (Builder $some): Builder => $some->whereIn(self::chargeCode(), $selection->chargeCodes));
        $query->when($selection->fieldValues !== [], static fn (Builder $some): Builder => $some->where(static fn (Builder $any): Builder => array_reduce($selection->fieldValues, static fn (Builder $so, string $value): Builder => $so->orWhere(static fn (Builder $one): Builder => self::holds($one, $asked->field, $value)), $any)));
        $query->when($selection->internal !== null, static fn (Builder $some): Builder => $some->where('projects.internal', $selection->internal));
        $query->when($selection->roles !== [], static fn (Builder $some): Builder => $some->whereIn(Sql::first(['own_roles.code', 'usual_roles.code']), $selection->roles));
        $query->when($selection->billable !== null, static fn (Builder $some): Builder => $some->where(self::billable(), $selection->billable));
        // What is not billable brings in nothing, and money shows where the reader may see it.
        $query->when($measure === Measure::Billable || $measure === Measure::BillValue, static fn (Builder $some): Builder => $some->where(self::billable(), true));
        $query->when($measure->isMoney() && ! $reader->isOffice(), static fn (Builder $some): Builder => $some->whereIn('projects.manager_id', $reader->seesCostOfProjectsOf($reader->id) ? [$reader->id] : []));
        foreach ($selection->groups as [$grouping, $codes]) {
            $query->where(static function (Builder $any) use ($grouping, $codes, $asked): void {
                foreach ($codes as $code) {
                    $any->orWhere(static function (Builder $one) use ($grouping, $code, $asked): void {
                        self::narrow($one, $grouping, $code, $asked->field);
                    });
                }
            });
        }

        return $query;
    }

    private static function narrow(Builder $query, Grouping $grouping, string $code, ?OwnField $field): void
    {
        [$project, $part] = [...explode('/', $code, 2), ''];
        match ($grouping) {
            Grouping::Project => self::is($query, 'projects.code', $code),
            Grouping::Phase => self::is($query->where('projects.code', $project), 'phases.name', $part),
            Grouping::Task => self::is($query->where('projects.code', $project), 'tasks.code', $part),
            Grouping::Person => self::is($query, 'people.code', $code),
            Grouping::Team => self::is($query, 'teams.code', $code),
            Grouping::Client => self::is($query, 'clients.code', $code),
            Grouping::Manager => self::is($query, 'managers.code', $code),
            Grouping::ChargeCode => $code === Grouping::NONE ? $query->whereNull('entries.charge_code')->whereNull('tasks.charge_code') : $query->where(self::chargeCode(), $code),
            Grouping::OwnField => self::holds($query, $field, $code),
            // Its own, else the person's usual one.
            Grouping::Role => $query->where(static fn (Builder $either): Builder => $either->where('own_roles.code', $code)
                ->orWhere(static fn (Builder $usual): Builder => self::is($usual->whereNull('own_roles.code'), 'usual_roles.code', $code))),
            Grouping::Billable => $query->where(self::billable(), $code === 'yes'),
            Grouping::Quarter, Grouping::Month, Grouping::Week => self::during($query, $grouping->daysOf($code)),
        };
    }

    /** Its own, else that of its task. */
    private static function chargeCode(): Sql
    {
        return Sql::first(['entries.charge_code', 'tasks.charge_code']);
    }

    /** Whether an own field of the entry, or of its task, project or person, holds a value. */
    private static function holds(Builder $query, ?OwnField $field, string $value): Builder
    {
        $id = ['entry' => 'entries.id', 'task' => 'tasks.id', 'project' => 'projects.id', 'person' => 'people.id'][$field->subject->value ?? ''] ?? null;
        if ($field === null || $id === null) {
            return $query;
        }
        $held = OwnFieldValue::query()->toBase()->whereIn('own_field_values.own_field_id', OwnFieldModel::query()->where('code', $field->code)->select('id'))
            ->whereColumn('own_field_values.'.$field->subject->value.'_id', $id);

        return $value === Grouping::NONE ? $query->whereNotExists($held) : $query->whereExists($held->where('own_field_values.value', $value));
    }

    /** As the entry has it, else its task, else the project. */
    private static function billable(?string $alias = null): Sql
    {
        return Sql::first(['entries.billable', 'tasks.billable', 'projects.billable'], $alias);
    }

    private static function is(Builder $query, string $column, string $code): Builder
    {
        return $code === Grouping::NONE ? $query->whereNull($column) : $query->where($column, $code);
    }

    private static function during(Builder $query, ?DayRange $days): Builder
    {
        return $days === null ? $query->whereIn('entries.id', []) : $query->whereBetween('entries.date', [$days->first()->toString(), $days->last()->toString()]);
    }
}
