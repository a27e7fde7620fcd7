<?php

declare(strict_types=1);

namespace App\Features\Week\Props;

use App\Models\StretchSource;

/** Time by the clock on a line, in minutes after midnight. */
final readonly class StretchProps
{
    /**
     * @param  int  $version  what the next change must name as seen
     * @param  bool  $isInked  whether it is part of the entry of its line and day; else it is pencilled
     * @param  string  $note  while it is pencilled; what is inked has the entry's
     * @param  int|null  $appointment  that it came of
     * @param  string|null  $title  of the appointment; null where there is none
     * @param  string|null  $why  its task was guessed, for people
     * @param  bool|null  $billable  while it is pencilled; null as the task is
     */
    public function __construct(
        public int $id,
        public int $version,
        public string $line,
        public string $date,
        public int $starts,
        public int $ends,
        public bool $isInked,
        public StretchSource $source,
        public string $note,
        public ?int $appointment,
        public ?string $title,
        public ?string $why,
        public ?bool $billable,
    ) {
    }
}
