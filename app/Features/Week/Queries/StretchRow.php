<?php

declare(strict_types=1);

namespace App\Features\Week\Queries;

use App\Models\StretchSource;
use Moss\Core\Calendar\Day;
use Moss\Core\Clock\ClockSpan;

/** Time by the clock in a week. */
final readonly class StretchRow
{
    public function __construct(
        public LineRow $line,
        public int $id,
        public Day $date,
        public int $startsAt,
        public int $endsAt,
        public bool $isInked,
        public StretchSource $source,
        public string $note,
        public int $version,
        public ?int $appointmentId,
        public ?string $title,
        public ?bool $isPrivate,
        public string $why,
        public ?bool $billable,
    ) {
    }

    public function span(): ClockSpan
    {
        return ClockSpan::ofMinutes($this->startsAt, $this->endsAt);
    }

    public function cell(): string
    {
        return $this->line->key().' '.$this->date->toString();
    }
}
