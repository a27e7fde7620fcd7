<?php

declare(strict_types=1);

namespace App\Features\Directory\Props;

use App\Features\Directory\Queries\DirectoryKind;

/** All teams, roles or clients. */
final readonly class DirectoryProps
{
    /** @param  list<DirectoryRowProps>  $rows */
    public function __construct(public DirectoryKind $kind, public string $search, public array $rows, public int $found, public int $page, public int $pages)
    {
    }
}
