<?php

declare(strict_types=1);

namespace App\Features\Week\Props;

/** A correction that is proposed for a cell. */
final readonly class CorrectionProps
{
    /**
     * @param  int  $minutes  what it should have been; 0 for nothing
     * @param  string  $waitsFor  who decides
     */
    public function __construct(public int $id, public int $minutes, public string $reason, public string $waitsFor)
    {
    }
}
