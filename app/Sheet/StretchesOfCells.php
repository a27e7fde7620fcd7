<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Models\Entry;
use App\Models\Stretch;
use App\Models\StretchSource;
use Illuminate\Database\Eloquent\Builder;

/** What becomes of time by the clock when the entries of its cells come and go by another way; in four queries at most. */
final readonly class StretchesOfCells
{
    /** @param  list<Entry>  $entries  that go for good */
    public static function drop(array $entries): void
    {
        if ($entries !== []) {
            Stretch::query()->where('is_inked', true)->where(static function (Builder $any) use ($entries): void {
                foreach ($entries as $entry) {
                    $any->orWhere($entry->only('person_id', 'task_id', 'role_id') + ['date' => $entry->date->toString()]);
                }
            })->delete();
        }
    }

    /**
     * What a timer measured or an appointment took is inked with the first entry of its cell, and pencilled again when that is cleared; what was drawn goes
     * with the entry.
     *
     * @param  list<string>  $inked  cells, as line key and day, that had no entry and have one now
     * @param  list<string>  $cleared  cells that have none any more
     */
    public static function follow(int $person, array $inked, array $cleared): void
    {
        if ($inked === [] && $cleared === []) {
            return;
        }
        $dates = array_values(array_unique(array_map(static fn (string $cell): string => substr($cell, -10), [...$inked, ...$cleared])));
        $stretches = Stretch::query()->where('person_id', $person)->whereIn('date', $dates)->get();
        if ($stretches->isEmpty()) {
            return;
        }
        $timed = $stretches->where('is_inked', true)->map(static fn (Stretch $stretch): string => LineKey::cell($stretch->task_id, $stretch->role_id, $stretch->date->toString()))->all();
        [$ink, $pencil, $gone] = [[], [], []];
        foreach ($stretches as $stretch) {
            // Where something by the clock was inked in the same act, that is all that was meant.
            if (! $stretch->is_inked && in_array(LineKey::cell($stretch->task_id, $stretch->role_id, $stretch->date->toString()), $inked, true) && ! in_array(LineKey::cell($stretch->task_id, $stretch->role_id, $stretch->date->toString()), $timed, true)) {
                $ink[] = $stretch->id;
            } elseif ($stretch->is_inked && in_array(LineKey::cell($stretch->task_id, $stretch->role_id, $stretch->date->toString()), $cleared, true)) {
                if ($stretch->source !== StretchSource::Drawn) {
                    $pencil[] = $stretch->id;
                } else {
                    $gone[] = $stretch->id;
                }
            }
        }
        if ($ink !== []) {
            Stretch::query()->whereIntegerInRaw('id', $ink)->update(['is_inked' => true]);
        }
        if ($pencil !== []) {
            Stretch::query()->whereIntegerInRaw('id', $pencil)->update(['is_inked' => false]);
        }
        if ($gone !== []) {
            Stretch::query()->whereIntegerInRaw('id', $gone)->delete();
        }
    }
}
