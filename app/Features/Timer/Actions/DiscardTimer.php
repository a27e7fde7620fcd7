<?php

declare(strict_types=1);

namespace App\Features\Timer\Actions;

use App\Models\Person;
use Illuminate\Support\Facades\DB;

/** Throws away a timer with all that it has measured. */
final readonly class DiscardTimer
{
    /** @throws TimerRefused */
    public function handle(Person $person, SeenTimer $seen): void
    {
        DB::transaction(static function () use ($person, $seen): void {
            $seen->of($person)->delete();
        });
    }
}
