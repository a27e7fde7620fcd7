<?php

declare(strict_types=1);

namespace App\Features\Stretches\Actions;

use App\Models\Person;
use App\Models\Stretch;
use App\Models\StretchSource;
use Illuminate\Support\Facades\DB;

/** Records time from a start to an end: inked at once, on top of what its line holds on the day. */
final readonly class DrawStretch
{
    public function __construct(private GrowEntries $grow)
    {
    }

    /** @throws StretchRefused */
    public function handle(Person $actor, Person $owner, StretchInput $input): Stretch
    {
        return DB::transaction(function () use ($actor, $owner, $input): Stretch {
            FitStretches::handle($owner, [$input->day->toString()]);
            $stretch = Stretch::query()->create([
                'person_id' => $owner->id, 'date' => $input->day, 'starts_at' => $input->span->starts->minute(), 'ends_at' => $input->span->ends->minute(),
                'task_id' => $input->task, 'role_id' => $input->role, 'is_inked' => true, 'source' => StretchSource::Drawn, 'version' => 1,
            ]);
            $this->grow->handle($actor, $owner, [EntryGrowth::by($input)]);

            return $stretch;
        });
    }
}
