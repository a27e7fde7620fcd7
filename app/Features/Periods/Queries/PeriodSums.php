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
        public int $settlingEntries,
        public int $settlingMinutes,
        private int $settlingVersions,
        public int $openExpenses,
        public int $settlingExpenses,
        private int $expenseVersions,
    ) {
    }

    /** By which a closing knows that nothing has changed since somebody looked. */
    public function recognised(): string
    {
        return implode('-', [
            $this->openEntries, $this->openMinutes, $this->openVersions, $this->settlingEntries, $this->settlingMinutes, $this->settlingVersions,
            $this->openExpenses, $this->settlingExpenses, $this->expenseVersions,
        ]);
    }
}
