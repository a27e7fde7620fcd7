<?php

declare(strict_types=1);

namespace App\Effort\Recalculation;

use App\Models\StoredRecalculation;
use App\Support\Clock\Today;
use App\Support\Database\Record;
use App\Support\Database\Sql;

/** What is still to be recalculated, in the database: it outlives whoever works it off. */
final readonly class RecalculationQueue
{
    public function __construct(private RecalculationUnits $units, private Today $today)
    {
    }

    /** @param  non-empty-list<RecalculationScope>  $scopes */
    public function add(array $scopes): void
    {
        $all = array_merge(...array_map(static fn (RecalculationScope $scope): array => array_filter([$scope, $scope->sums()]), $scopes));
        StoredRecalculation::query()->insert(array_map(fn (RecalculationScope $scope): array => [
            'kind' => $scope->kind->value,
            'scope' => $scope->values === [] ? '{}' : json_encode($scope->values, JSON_THROW_ON_ERROR),
            'units' => $this->units->count($scope),
            'queued_at' => $this->today->now()->format('Y-m-d\TH:i:s\Z'),
        ], array_map($this->units->named(...), $all)));
    }

    public function next(): ?QueuedRecalculation
    {
        $row = Record::all(StoredRecalculation::query()->toBase()->where('is_done', 0)->orderBy('id')->limit(1))[0] ?? null;
        if ($row === null) {
            return null;
        }
        $values = json_decode($row->string('scope'), true, flags: JSON_THROW_ON_ERROR);

        return new QueuedRecalculation($row->int('id'), RecalculationScope::stored(RecalculationKind::from($row->string('kind')), is_array($values) ? self::named($values) : []), $row->int('place'));
    }

    /** Whether recorded totals are among what is left. */
    public function hasRecorded(): bool
    {
        return StoredRecalculation::query()->where('is_done', 0)->whereIn('kind', [RecalculationKind::RecordedKeys, RecalculationKind::RecordedPeople])->exists();
    }

    /** About how many steps are left. */
    public function steps(): int
    {
        $steps = 0;
        foreach (Record::all(StoredRecalculation::query()->toBase()->where('is_done', 0)->groupBy('kind')->select('kind', Sql::sum('units', 'units'), Sql::sum('units_done', 'units_done'))) as $row) {
            $steps += intdiv($row->int('units') - $row->int('units_done'), RecalculationKind::from($row->string('kind'))->atOnce()) + 1;
        }

        return $steps;
    }

    /**
     * So far the work has come. What is done stays until all is, so that a page can say how much of it.
     *
     * @param  int|null  $place  null for the end
     */
    public function advance(QueuedRecalculation $queued, ?int $place, int $units): void
    {
        $row = StoredRecalculation::query()->where('id', $queued->id);
        if ($place === null) {
            $row->update(['is_done' => true, 'units_done' => Sql::column('units')]);
        } else {
            $row->increment('units_done', $units, ['place' => $place]);
        }
        if ($place === null && StoredRecalculation::query()->where('is_done', 0)->doesntExist()) {
            StoredRecalculation::query()->delete();
        }
    }

    /**
     * @param  array<array-key, mixed>  $values
     * @return array<string, mixed>
     */
    private static function named(array $values): array
    {
        $named = [];
        foreach ($values as $name => $value) {
            $named[(string) $name] = $value;
        }

        return $named;
    }
}
