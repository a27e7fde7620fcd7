<?php

declare(strict_types=1);

namespace App\Exchange\Props;

/** What came of a file: rows of an export, or what an import makes of them. */
final readonly class FileCountProps
{
    public function __construct(public string $file, public int $rows, public int $new, public int $changed, public int $same, public int $gone, public int $wrong)
    {
    }
}
