<?php

declare(strict_types=1);

namespace App\Http\Props;

/** What was just done, to be said once. */
final readonly class DoneProps
{
    /**
     * @param  string  $at  tells one act from the next, whatever both say
     * @param  string|null  $undo  the address that undoes it when it is deleted; null where nothing does
     */
    public function __construct(public string $at, public string $sentence, public ?string $undo)
    {
    }
}
