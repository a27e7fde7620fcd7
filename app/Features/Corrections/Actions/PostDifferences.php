<?php

declare(strict_types=1);

namespace App\Features\Corrections\Actions;

use App\Models\Entry;
use App\Models\Organisation;
use App\OwnFields\OwnFieldValues;
use Moss\Core\Calendar\Day;
use Moss\Core\OwnFields\FieldSubject;
use Moss\Core\Sheet\EntryState;

/**
 * Posts differences to settled time as approved time that points at it: on its own day where that is open, else on the
 * first day after the closed period that no other difference to it stands on. A later difference is taken into an
 * earlier one that is not settled.
 */
final readonly class PostDifferences
{
    /**
     * @param  list<PostedDifference>  $differences  no two to the same entry
     * @return array<int, string> the day on which each was posted, by settled entry
     */
    public function handle(array $differences): array
    {
        if ($differences === []) {
            return [];
        }
        $closedUntil = Organisation::query()->sole()->closed_until;
        $posted = $this->posted($differences);
        $days = [];
        $new = [];
        $changed = [];
        $gone = [];
        foreach ($differences as $difference) {
            $before = $posted[$difference->key()] ?? [];
            $open = array_values(array_filter($before, static fn (Entry $entry): bool => $entry->state === EntryState::Approved))[0] ?? null;
            $sum = ($open?->minutes->toInt() ?? 0) + $difference->minutes->toInt();
            $day = $open?->date->toString() ?? self::firstOpenDay($difference, $closedUntil, $before);
            $days[$difference->entry->entry->id] = $day;
            if ($open !== null && $sum === 0) {
                $gone[] = $open->id;
            } elseif ($open !== null) {
                $changed[] = $open->fill(['minutes' => $sum, 'version' => $open->version + 1])->getAttributes();
            } elseif ($sum !== 0) {
                $new[] = self::entry($difference, $day);
            }
        }
        Entry::query()->whereIntegerInRaw('id', $gone)->delete();
        Entry::query()->insert($new);
        if ($new !== []) {
            $this->copyFields($differences);
        }
        if ($changed !== []) {
            Entry::query()->upsert($changed, ['id'], ['minutes', 'version']);
        }

        return $days;
    }

    /**
     * @param  non-empty-list<PostedDifference>  $differences
     * @return array<string, list<Entry>> what was posted before, by what it is a difference to
     */
    private function posted(array $differences): array
    {
        $posted = [];
        foreach (Entry::query()
            ->whereIn('person_id', array_map(static fn (PostedDifference $one): int => $one->entry->entry->personId, $differences))
            ->whereIn('corrects', array_map(static fn (PostedDifference $one): string => $one->entry->entry->date->toString(), $differences))
            ->orderBy('date')->get() as $entry) {
            $posted[PostedDifference::keyOf($entry->person_id, $entry->task_id, $entry->role_id, $entry->corrects?->toString())][] = $entry;
        }

        return $posted;
    }

    /**
     * What own fields hold of settled time, they hold of its difference too.
     *
     * @param  non-empty-list<PostedDifference>  $differences
     */
    private function copyFields(array $differences): void
    {
        $held = OwnFieldValues::of(FieldSubject::Entry, array_map(static fn (PostedDifference $one): int => $one->entry->entry->id, $differences));
        $posted = $held === [] ? [] : $this->posted($differences);
        $held += OwnFieldValues::of(FieldSubject::Entry, array_map(static fn (Entry $entry): int => $entry->id, array_merge(...array_values($posted))));
        $others = [];
        foreach ($differences as $difference) {
            foreach ($posted[$difference->key()] ?? [] as $entry) {
                if (! isset($held[$entry->id])) {
                    $others[$difference->entry->entry->id] = $entry->id;
                }
            }
        }
        OwnFieldValues::copy(FieldSubject::Entry, $others);
    }

    /** @param  list<Entry>  $before */
    private static function firstOpenDay(PostedDifference $difference, ?Day $closedUntil, array $before): string
    {
        $own = $difference->entry->entry->date;
        $day = $closedUntil === null ? $own : Day::later($own, $closedUntil->plusDays(1));
        $taken = array_map(static fn (Entry $entry): string => $entry->date->toString(), $before);
        while (in_array($day->toString(), $taken, true)) {
            $day = $day->plusDays(1);
        }

        return $day->toString();
    }

    /** @return array<string, string|int|null> */
    private static function entry(PostedDifference $difference, string $day): array
    {
        return [
            'person_id' => $difference->entry->entry->personId,
            'task_id' => $difference->entry->entry->taskId,
            'role_id' => $difference->entry->entry->roleId,
            'corrects' => $difference->entry->entry->date->toString(),
            'date' => $day,
            'minutes' => $difference->minutes->toInt(),
            'state' => EntryState::Approved->value,
            'note' => $difference->reason,
            'charge_code' => $difference->entry->chargeCode,
            'version' => 1,
        ];
    }
}
