<?php

declare(strict_types=1);

namespace App\Features\Stretches\Actions;

use App\Models\Person;
use App\Models\Stretch;
use Illuminate\Support\Facades\DB;

/** Inks pencilled time by the clock: it comes on top of what its lines hold. What is inked already stays as it is. */
final readonly class InkStretches
{
    public function __construct(private GrowEntries $grow)
    {
    }

    /**
     * @param  non-empty-list<int>  $ids
     *
     * @throws StretchRefused
     */
    public function handle(Person $actor, Person $owner, array $ids): void
    {
        DB::transaction(function () use ($actor, $owner, $ids): void {
            $stretches = Stretch::query()->where('person_id', $owner->id)->whereIntegerInRaw('id', $ids)->orderBy('date')->orderBy('starts_at')->get();
            if ($stretches->count() < count(array_unique($ids))) {
                throw StretchRefused::because('gone');
            }
            $pencilled = $stretches->where('is_inked', false)->values();
            if ($pencilled->isEmpty()) {
                return;
            }
            FitStretches::handle($owner, array_values($pencilled->map(static fn (Stretch $stretch): string => $stretch->date->toString())->unique()->all()) ?: ['']);
            Stretch::query()->whereIntegerInRaw('id', $pencilled->modelKeys())->increment('version', 1, ['is_inked' => true]);
            $this->grow->handle($actor, $owner, array_values($pencilled->map(EntryGrowth::byInking(...))->all()));
        });
    }
}
