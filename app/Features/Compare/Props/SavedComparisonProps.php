<?php

declare(strict_types=1);

namespace App\Features\Compare\Props;

use App\Lookup\Props\OptionProps;
use App\Models\Sharing;

/** A saved comparison. */
final readonly class SavedComparisonProps
{
    /**
     * @param  string  $address  what is compared, as the part of an address after its question mark
     * @param  string  $period  a rolling period, `to-date`, or empty for fixed days
     * @param  list<OptionProps>  $readers  people as `person:CODE` and teams as `team:CODE`
     * @param  int|null  $place  on the reader's front page, from 1; null where it is not there
     * @param  list<ComparisonVersionProps>  $versions  the latest first
     */
    public function __construct(
        public int $id,
        public string $name,
        public string $owner,
        public bool $isOwn,
        public bool $mayChange,
        public string $address,
        public string $period,
        public string $first,
        public string $last,
        public Sharing $sharing,
        public array $readers,
        public int $version,
        public ?MailingProps $mailing,
        public ?int $place,
        public array $versions,
    ) {
    }
}
