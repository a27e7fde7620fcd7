<?php

declare(strict_types=1);

namespace App\Features\FirstStart\Props;

use App\Lookup\Props\OptionProps;

/** What an installation is started from. */
final readonly class StartProps
{
    /**
     * @param  string  $key  that of the link; empty where it opens nothing
     * @param  list<OptionProps>  $countries  whose public holidays are known
     */
    public function __construct(public string $key, public array $countries)
    {
    }
}
