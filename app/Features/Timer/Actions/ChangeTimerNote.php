<?php

declare(strict_types=1);

namespace App\Features\Timer\Actions;

use App\Models\Person;
use Illuminate\Support\Facades\DB;

/** Writes the note that goes with what a timer measures. */
final readonly class ChangeTimerNote
{
    /** @throws TimerRefused */
    public function handle(Person $person, SeenTimer $seen, string $note): void
    {
        DB::transaction(static function () use ($person, $seen, $note): void {
            $timer = $seen->of($person);
            if ($timer->note !== $note) {
                $timer->update(['note' => $note, 'version' => $timer->version + 1]);
            }
        });
    }
}
