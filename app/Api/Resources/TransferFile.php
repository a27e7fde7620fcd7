<?php

declare(strict_types=1);

namespace App\Api\Resources;

/** What came of the rows of a file. */
final readonly class TransferFile
{
    public function __construct(public string $file, public int $rows, public int $new, public int $changed, public int $same, public int $gone, public int $wrong)
    {
    }
}
