<?php

declare(strict_types=1);

namespace App\Features\StandIns\Props;

use App\Lookup\Props\OptionProps;

/** The page on which stand-ins are named. */
final readonly class StandInsProps
{
    /**
     * @param  list<StandInProps>  $named  who decides in the reader's place; for the office, in anybody's
     * @param  list<StandInProps>  $mine  in whose place the reader decides
     * @param  bool  $namesForOthers  whether the reader names stand-ins for others too
     */
    public function __construct(
        public array $named,
        public array $mine,
        public bool $namesForOthers,
        public OptionProps $reader,
        public string $today,
    ) {
    }
}
