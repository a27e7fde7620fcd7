<?php

declare(strict_types=1);

namespace App\Features\Periods\Queries;

/** How much a closing would leave open, and how much it would settle. */
final readonly class PeriodSums
{
    /** Versions are summed up too: whatever changes makes their sum another. */
    public function __construct(
        public int $openEntries,
        public int $openMinutes,
        private int $openVersions,
        public SettlingRows $entries,
        public int $openExpenses,
        public SettlingRows $expenses,
    ) {
    }

    /** By which a closing knows that nothing has changed since somebody looked. */
    public function recognised(): string
    {
        return implode('-', [
            $this->openEntries, $this->openMinutes, $this->openVersions, $this->entries->count, $this->entries->minutes, $this->entries->versions,
            $this->openExpenses, $this->expenses->count, $this->expenses->versions,
        ]);
    }
}
