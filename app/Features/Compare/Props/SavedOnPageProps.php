<?php

declare(strict_types=1);

namespace App\Features\Compare\Props;

/** The saved comparison that a page shows, or shows changed. */
final readonly class SavedOnPageProps
{
    /** @param  bool  $isChanged  whether the page asks something else than what is saved */
    public function __construct(public int $id, public string $name, public string $owner, public bool $isOwn, public bool $mayChange, public bool $isChanged, public int $version)
    {
    }
}
