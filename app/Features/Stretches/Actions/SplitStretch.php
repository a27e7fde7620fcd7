<?php

declare(strict_types=1);

namespace App\Features\Stretches\Actions;

use App\Models\Person;
use Illuminate\Support\Facades\DB;
use Moss\Core\Clock\ClockTime;

/** Makes two of time by the clock, so that one part can go elsewhere. What it adds up to stays. */
final readonly class SplitStretch
{
    /** @throws StretchRefused unless the time lies within */
    public function handle(Person $owner, SeenStretch $seen, ClockTime $at): void
    {
        DB::transaction(static function () use ($owner, $seen, $at): void {
            $stretch = $seen->of($owner);
            if ($at->minute() <= $stretch->starts_at || $at->minute() >= $stretch->ends_at) {
                throw StretchRefused::because('split_outside');
            }
            $stretch->replicate()->fill(['starts_at' => $at->minute(), 'version' => 1])->save();
            $stretch->update(['ends_at' => $at->minute(), 'version' => $stretch->version + 1]);
        });
    }
}
