<?php

declare(strict_types=1);

namespace App\Features\Appointments\Feeds;

/** What was found at an address. */
final readonly class FeedAnswer
{
    /** @param  string|null  $text  null where nothing has changed since the version that was named */
    public function __construct(public ?string $text, public string $version)
    {
    }
}
