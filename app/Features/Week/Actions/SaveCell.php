<?php

declare(strict_types=1);

namespace App\Features\Week\Actions;

use App\Models\Entry;
use App\Models\Person;
use App\Support\Trail\Trail;
use App\Support\Trail\TrailLine;
use App\Support\Words;
use Illuminate\Support\Facades\DB;
use Moss\Core\Sheet\Actor;
use Moss\Core\Sheet\ActRefused;
use Moss\Core\Sheet\EntryState;
use Moss\Core\Sheet\EntryStatus;
use Moss\Core\Time\HoursText;
use Moss\Core\Time\HoursTextRefused;
use Moss\Core\Time\Minutes;

/** Inks, changes or clears one cell of a week. */
final readonly class SaveCell
{
    private const WHOLE_DAY = 1440;

    public function __construct(private RecordableTask $tasks, private Trail $trail)
    {
    }

    /**
     * @return Entry|null the entry as it is now; null where the cell is empty
     *
     * @throws CellRefused
     */
    public function handle(Person $actor, Person $owner, CellInput $input): ?Entry
    {
        try {
            $minutes = HoursText::onDay($input->hours);
        } catch (HoursTextRefused $refused) {
            throw CellRefused::because(Words::hoursRefused($refused));
        }

        return DB::transaction(fn (): ?Entry => $this->save($actor, $owner, $input, $minutes));
    }

    private function save(Person $actor, Person $owner, CellInput $input, Minutes $minutes): ?Entry
    {
        $entry = Entry::query()->where('person_id', $owner->id)->where('task_id', $input->task)
            ->where('role_id', $input->role)->where('date', $input->day->toString())->whereNull('corrects')->first();
        if (($entry->minutes ?? 0) === $minutes->toInt()) {
            return $entry;
        }
        $this->mustBeOpen($entry, $actor, $owner);
        $this->mustBeAsSeen($entry, $input, $actor);
        $before = $entry === null ? null : self::traced($entry);
        if ($minutes->isZero()) {
            $entry?->delete();
            $this->record('clear', $actor, $owner, $input, $before, null);

            return null;
        }
        $this->tasks->check($owner, $input->task, $input->day);
        $this->mustFitTheDay($owner, $input, $minutes, $entry, $actor);
        $entry = $this->inked($entry, $actor, $owner, $input, $minutes);
        $this->record($before === null ? 'ink' : 'change', $actor, $owner, $input, $before, self::traced($entry));

        return $entry;
    }

    private function inked(?Entry $entry, Person $actor, Person $owner, CellInput $input, Minutes $minutes): Entry
    {
        $entry ??= new Entry([
            'person_id' => $owner->id,
            'task_id' => $input->task,
            'role_id' => $input->role,
            'date' => $input->day->toString(),
            'state' => EntryState::Draft,
            'note' => '',
            'client_note' => '',
            'version' => 0,
        ]);
        $entry->fill(['minutes' => $minutes->toInt(), 'recorded_by_id' => $actor->id, 'version' => $entry->version + 1])->save();

        return $entry;
    }

    private function mustBeAsSeen(?Entry $entry, CellInput $input, Person $reader): void
    {
        if ($entry?->version !== $input->seen) {
            $sentence = $entry === null
                ? Words::refusal('cell.moved_on_empty')
                : Words::refusal('cell.moved_on', ['hours' => Words::hours(Minutes::of($entry->minutes), $reader)]);
            throw CellRefused::movedOn($sentence, $entry);
        }
    }

    private function mustBeOpen(?Entry $entry, Person $actor, Person $owner): void
    {
        try {
            EntryStatus::of($entry->state ?? EntryState::Draft)->edited(new Actor(isOwner: $actor->id === $owner->id));
        } catch (ActRefused $refused) {
            throw CellRefused::because(Words::actRefused($refused->refusal));
        }
    }

    private function mustFitTheDay(Person $owner, CellInput $input, Minutes $minutes, ?Entry $entry, Person $reader): void
    {
        $others = DB::table('entries')->where('person_id', $owner->id)->where('date', $input->day->toString())
            ->where('id', '<>', $entry->id ?? 0)->sum('minutes');
        $sum = $minutes->plus(Minutes::of((int) $others));
        if ($sum->toInt() > self::WHOLE_DAY) {
            throw CellRefused::because(Words::refusal('cell.full_day', ['hours' => Words::hours($sum, $reader)]));
        }
    }

    /** @return array<string, string|int|null> */
    private static function traced(Entry $entry): array
    {
        return ['role' => $entry->role_id, 'minutes' => $entry->minutes, 'state' => $entry->state->value];
    }

    /**
     * @param  array<string, string|int|null>|null  $before
     * @param  array<string, string|int|null>|null  $after
     */
    private function record(string $act, Person $actor, Person $owner, CellInput $input, ?array $before, ?array $after): void
    {
        $this->trail->of([new TrailLine($act, $actor->id, null, $owner->id, $input->task, $input->day->toString(), $before, $after)]);
    }
}
