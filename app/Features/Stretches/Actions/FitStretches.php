<?php

declare(strict_types=1);

namespace App\Features\Stretches\Actions;

use App\Models\Entry;
use App\Models\Person;
use App\Models\Stretch;
use App\Sheet\LineKey;
use Moss\Core\Clock\ClockSpan;
use Moss\Core\Clock\DaySpans;

/** Stores time by the clock as the week shows it: never longer than the entry that it is part of. Within a transaction. */
final readonly class FitStretches
{
    /** @param  non-empty-list<string>  $dates */
    public static function handle(Person $owner, array $dates): void
    {
        $minutes = [];
        foreach (Entry::query()->where('person_id', $owner->id)->whereNull('corrects')->whereIn('date', $dates)->get() as $entry) {
            $minutes[LineKey::cell($entry->task_id, $entry->role_id, $entry->date->toString())] = $entry->minutes;
        }
        $stretches = Stretch::query()->where('person_id', $owner->id)->where('is_inked', true)->whereIn('date', $dates)
            ->orderBy('starts_at')->orderBy('ends_at')->orderBy('id')->get();
        [$gone, $changed] = [[], []];
        foreach ($stretches->groupBy(static fn (Stretch $stretch): string => LineKey::cell($stretch->task_id, $stretch->role_id, $stretch->date->toString())) as $cell => $ofCell) {
            $shown = DaySpans::of(array_values($ofCell->map(static fn (Stretch $stretch): ClockSpan => $stretch->span())->all()));
            $fitted = isset($minutes[$cell]) ? $shown->shortenedTo($minutes[$cell])->spans : [];
            foreach ($ofCell->values() as $index => $stretch) {
                $span = $fitted[$index] ?? null;
                if ($span === null) {
                    $gone[] = $stretch->id;
                } elseif ($span->ends->minute() !== $stretch->ends_at) {
                    $changed[] = $stretch->fill(['ends_at' => $span->ends->minute(), 'version' => $stretch->version + 1])->getAttributes();
                }
            }
        }
        if ($gone !== []) {
            Stretch::query()->whereIntegerInRaw('id', $gone)->delete();
        }
        if ($changed !== []) {
            Stretch::query()->upsert($changed, ['id'], ['ends_at', 'version']);
        }
    }
}
