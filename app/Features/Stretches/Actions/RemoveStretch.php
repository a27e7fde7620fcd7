<?php

declare(strict_types=1);

namespace App\Features\Stretches\Actions;

use App\Models\Appointment;
use App\Models\Person;
use Illuminate\Support\Facades\DB;

/** Removes time by the clock, with its minutes where it was inked; an appointment is left out from then on. */
final readonly class RemoveStretch
{
    public function __construct(private GrowEntries $grow)
    {
    }

    /** @throws StretchRefused */
    public function handle(Person $actor, Person $owner, SeenStretch $seen): void
    {
        DB::transaction(function () use ($actor, $owner, $seen): void {
            $stretch = $seen->of($owner);
            $stretch->delete();
            if (! $stretch->is_inked && $stretch->appointment_id !== null) {
                Appointment::query()->whereKey($stretch->appointment_id)->update(['is_left_out' => true]);
            }
            if ($stretch->is_inked) {
                $this->grow->handle($actor, $owner, [EntryGrowth::without($stretch)]);
            }
        });
    }
}
