<?php

declare(strict_types=1);

namespace App\Api\Resources;

use ArrayObject;
use Moss\Core\Effort\EstimateMode;

/** A project, apart from its plan. */
final readonly class Project
{
    /**
     * @param  string|null  $client  code
     * @param  string  $manager  code of a person
     * @param  string|null  $startsOn  `2026-06-15`
     * @param  EstimateMode|null  $estimateMode  how remaining estimates take effect; null as the organisation has it
     * @param  ArrayObject<string, string>  $fields  what own fields hold, by their codes
     */
    public function __construct(
        public string $code,
        public string $name,
        public ?string $client,
        public string $manager,
        public ?string $startsOn,
        public ?string $endsOn,
        public bool $billable,
        public bool $isOpen,
        public bool $isInternal,
        public ?EstimateMode $estimateMode,
        public ArrayObject $fields,
    ) {
    }
}
