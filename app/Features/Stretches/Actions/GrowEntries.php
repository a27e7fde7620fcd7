<?php

declare(strict_types=1);

namespace App\Features\Stretches\Actions;

use App\Features\Week\Actions\CellInput;
use App\Features\Week\Actions\CellResult;
use App\Features\Week\Actions\SaveCells;
use App\Features\Week\Props\CellOutcome;
use App\Models\Entry;
use App\Models\Person;
use App\Sheet\LineKey;
use Illuminate\Support\Collection;
use Moss\Core\Sheet\ClientNote;
use Moss\Core\Time\Minutes;

/** Makes entries longer or shorter by time by the clock. Within a transaction: all of it, or a refusal. */
final readonly class GrowEntries
{
    public function __construct(private SaveCells $save)
    {
    }

    /**
     * @param  list<EntryGrowth>  $growths
     *
     * @throws StretchRefused if an entry cannot be so
     */
    public function handle(Person $actor, Person $owner, array $growths): void
    {
        $days = array_values(array_unique(array_map(static fn (EntryGrowth $growth): string => $growth->day->toString(), $growths)));
        $entries = Entry::query()->where('person_id', $owner->id)->whereNull('corrects')->whereIn('date', $days)->get()
            ->keyBy(static fn (Entry $entry): string => LineKey::cell($entry->task_id, $entry->role_id, $entry->date->toString()));
        $inputs = [];
        foreach (Collection::make($growths)->groupBy(static fn (EntryGrowth $growth): string => $growth->cell()) as $cell => $ofCell) {
            $entry = $entries->get($cell);
            $growth = $ofCell->firstOrFail();
            $minutes = ($entry?->minutes->toInt() ?? 0) + $ofCell->sum(static fn (EntryGrowth $one): int => $one->minutes);
            $note = self::note($entry, $ofCell->map(static fn (EntryGrowth $one): string => $one->note)->all());
            $inputs[] = new CellInput($growth->task, $growth->role, $growth->day, null, $entry?->version, $note, billable: $ofCell->map(static fn (EntryGrowth $one): ?bool => $one->billable)->first(static fn (?bool $billable): bool => $billable !== null), minutes: self::minutes($minutes));
        }
        foreach ($this->save->handle($actor, $owner, $inputs) as $result) {
            if ($result->outcome !== CellOutcome::Saved) {
                throw StretchRefused::saying(self::sentence($result));
            }
        }
    }

    private static function minutes(int $minutes): Minutes
    {
        return $minutes > Minutes::PER_DAY ? throw StretchRefused::because('full_day') : Minutes::of(max(0, $minutes));
    }

    /**
     * The notes of what is inked after the entry's own, none twice.
     *
     * @param  array<int, string>  $notes
     */
    private static function note(?Entry $entry, array $notes): ?string
    {
        $before = $entry->note ?? '';
        $new = array_filter(array_unique($notes), static fn (string $note): bool => $note !== '' && ! str_contains($before, $note));

        return $new === [] ? null : mb_substr(implode("\n", array_filter([$before, ...$new])), 0, ClientNote::MAX_LENGTH);
    }

    private static function sentence(CellResult $result): string
    {
        return $result->message ?? '';
    }
}
