<?php

declare(strict_types=1);

namespace Moss\Core\HouseRules;

use Moss\Core\Calendar\Day;
use Moss\Core\Sheet\Line;
use Moss\Core\Time\Minutes;

/**
 * An entry as the rules look at it.
 */
final readonly class CheckedEntry
{
    /**
     * @param  bool  $isInQuestion  whether it is to be checked; what is decided already only counts in sums
     * @param  string|null  $recordedBy  who recorded it, if somebody else than its owner
     * @param  list<string>  $missingFields  names of required own fields that hold nothing
     * @param  bool  $lacksChargeCode  whether the client's charge codes are composed and none is chosen
     */
    public function __construct(
        public Line $line,
        public Day $day,
        public Minutes $minutes,
        public CheckedTask $task,
        public bool $isInQuestion = true,
        public bool $isBillable = false,
        public string $note = '',
        public string $clientNote = '',
        public ?string $recordedBy = null,
        public array $missingFields = [],
        public bool $lacksChargeCode = false,
    ) {
    }

    public function place(): FindingPlace
    {
        return FindingPlace::cell($this->line, $this->day);
    }
}
