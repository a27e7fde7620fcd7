<?php

declare(strict_types=1);

namespace App\Features\Submission\Props;

/** To whom some of the time goes. */
final readonly class RecipientProps
{
    /**
     * @param  list<string>  $names  in the order in which they decide; none where nobody has to
     * @param  bool  $isOffice  whether it goes to the time office because nobody else is named
     * @param  bool  $approvesItself  whether it is in order and will approve itself
     */
    public function __construct(public array $names, public bool $isOffice, public bool $approvesItself, public int $minutes, public int $entries)
    {
    }
}
