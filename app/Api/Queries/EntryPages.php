<?php

declare(strict_types=1);

namespace App\Api\Queries;

use App\Api\Input\EntriesRequest;
use App\Api\Input\WaitingRequest;
use App\Api\Resources\Entry as EntryResource;
use App\Api\Resources\EntryList;
use App\Approval\Waiting;
use App\Models\Entry;
use App\Models\Person;
use App\Models\Task;
use App\OwnFields\OwnFieldValues;
use App\Pay\ApprovedKinds;
use App\Pay\ChosenPay;
use App\Sheet\LineKey;
use ArrayObject;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Query\Builder;
use Moss\Core\Calendar\Day;

/** Entries of a person, or those that wait for one, a part at a time in the order of days. */
final class EntryPages
{
    private const NAMES = ['person:id,code', 'task:id,code,project_id,billable,charge_code', 'task.project:id,code,billable', 'role:id,code', 'ownFieldValues', OwnFieldValues::WITH];

    public static function of(Person $owner, EntriesRequest $request): EntryList
    {
        [$from, $to, $state, $project] = [$request->from(), $request->to(), $request->state(), $request->text('project')];
        [$ids, $next] = Pages::of(Entry::query()->toBase()->where('person_id', $owner->id)
            ->when($from !== null, static fn (Builder $days): Builder => $days->where('date', '>=', (string) $from?->toString()))
            ->when($to !== null, static fn (Builder $days): Builder => $days->where('date', '<=', (string) $to?->toString()))
            ->when($state !== null, static fn (Builder $of): Builder => $of->where('state', $state))
            ->when($project !== null, static fn (Builder $of): Builder => $of->whereIn('task_id', Task::query()->select('id')->whereRelation('project', 'code', $project))), 'date', $request);

        return self::list($ids, $next);
    }

    /** What waits for somebody's decision. */
    public static function waiting(Person $approver, Waiting $waiting, Day $today, WaitingRequest $request): EntryList
    {
        [$from, $to] = [$request->from(), $request->to()];
        [$ids, $next] = Pages::of($waiting->for($approver, $today)
            ->when($from !== null, static fn (Builder $days): Builder => $days->where('entries.date', '>=', (string) $from?->toString()))
            ->when($to !== null, static fn (Builder $days): Builder => $days->where('entries.date', '<=', (string) $to?->toString())), 'entries.date', $request, 'entries.id');

        return self::list($ids, $next);
    }

    /** @param  list<int>  $ids */
    private static function list(array $ids, ?string $next): EntryList
    {
        $resources = self::resources(Entry::query()->with(self::NAMES)->whereKey($ids)->get());

        return new EntryList(array_values(array_filter(array_map(static fn (int $id): ?EntryResource => $resources[$id] ?? null, $ids))), $next);
    }

    public static function one(Entry $entry): EntryResource
    {
        return self::resources((new Collection([$entry]))->loadMissing(self::NAMES))[$entry->id];
    }

    /**
     * What stands on some days of somebody now.
     *
     * @param  list<string>  $dates
     * @return array<string, EntryResource> by line and day
     */
    public static function on(Person $owner, array $dates): array
    {
        $entries = Entry::query()->with(self::NAMES)->where('person_id', $owner->id)->whereIn('date', $dates)->whereNull('corrects')->get();
        $resources = self::resources($entries);
        $onDays = [];
        foreach ($entries as $entry) {
            $onDays[LineKey::of($entry->task_id, $entry->role_id).' '.$entry->date->toString()] = $resources[$entry->id];
        }

        return $onDays;
    }

    /**
     * @param  Collection<int, Entry>  $entries
     * @return array<int, EntryResource> by id
     */
    private static function resources(Collection $entries): array
    {
        $minutes = [];
        foreach ($entries as $entry) {
            if ($entry->state->isActual()) {
                $minutes[$entry->id] = $entry->minutes->toInt();
            }
        }
        $paidAs = ApprovedKinds::of($minutes);
        $chosen = ChosenPay::of(array_values(array_map(static fn (Entry $entry): int => $entry->id, $entries->all())));
        $resources = [];
        foreach ($entries as $entry) {
            $resources[$entry->id] = self::resource($entry, $chosen[$entry->id] ?? [], $paidAs[$entry->id] ?? null);
        }

        return $resources;
    }

    /**
     * @param  array<string, int>  $chosen
     * @param  array<string, int>|null  $paidAs
     */
    private static function resource(Entry $entry, array $chosen, ?array $paidAs): EntryResource
    {
        return new EntryResource(
            $entry->id, $entry->person->code, $entry->task->project->code, $entry->task->code, $entry->role?->code, $entry->date->toString(), $entry->minutes->toInt(), $entry->state,
            $entry->billable ?? $entry->task->billable ?? $entry->task->project->billable, $entry->note, $entry->client_note, $entry->corrects?->toString(), $entry->charge_code ?? $entry->task->charge_code, new ArrayObject(OwnFieldValues::told($entry)), new ArrayObject($chosen), $paidAs === null ? null : new ArrayObject($paidAs), $entry->version,
        );
    }
}
