<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Models\Entry;
use App\Models\Stretch;
use App\Models\StretchSource;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;

/** Time by the clock in cells whose entries come and go by another way, and what becomes of it. */
final readonly class StretchesOfCells
{
    /** @param  Collection<int, Stretch>  $stretches */
    private function __construct(private Collection $stretches)
    {
    }

    /**
     * In one query.
     *
     * @param  list<string>  $days
     */
    public static function load(int $person, array $days): self
    {
        return new self(Stretch::query()->where('person_id', $person)->whereIn('date', $days)->orderBy('starts_at')->get());
    }

    /** What was noted of the pencilled time that is inked with a cell, each once; null where nothing was. */
    public function noteOf(string $cell): ?string
    {
        $here = $this->stretches->filter(static fn (Stretch $one): bool => self::cell($one) === $cell);
        $notes = $here->map(static fn (Stretch $one): string => $one->note)->filter()->unique();

        return $notes->isEmpty() || $here->contains(static fn (Stretch $one): bool => $one->is_inked) ? null : $notes->implode("\n");
    }

    /**
     * What a timer measured or an appointment took is inked with the first entry of its cell, and pencilled again when that is cleared;
     * what was drawn goes with the entry.
     *
     * @param  list<string>  $inked  cells, as line key and day, that had no entry and have one now
     * @param  list<string>  $cleared  cells that have none any more
     */
    public function follow(array $inked, array $cleared): void
    {
        $timed = $this->stretches->where('is_inked', true)->map(self::cell(...))->all();
        [$ink, $pencil, $gone] = [[], [], []];
        foreach ($this->stretches as $stretch) {
            $cell = self::cell($stretch);
            // Where something by the clock was inked in the same act, that is all that was meant.
            if (! $stretch->is_inked && in_array($cell, $inked, true) && ! in_array($cell, $timed, true)) {
                $ink[] = $stretch->id;
            } elseif ($stretch->is_inked && in_array($cell, $cleared, true)) {
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

    /** @param  list<Entry>  $entries  that go for good */
    public static function drop(array $entries): void
    {
        if ($entries !== []) {
            Stretch::query()->where('is_inked', true)->where(static function (Builder $any) use ($entries): void {
                foreach ($entries as $entry) {
                    // All of it: several conditions in one `orWhere` would each be enough.
                    $any->orWhere(static fn (Builder $cell): Builder => $cell->where($entry->only('person_id', 'task_id', 'role_id') + ['date' => $entry->date->toString()]));
                }
            })->delete();
        }
    }

    private static function cell(Stretch $stretch): string
    {
        return LineKey::cell($stretch->task_id, $stretch->role_id, $stretch->date->toString());
    }
}
