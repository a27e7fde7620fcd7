<?php

declare(strict_types=1);

namespace App\Exchange\Props;

/** What an import would do or did, row by row. */
final readonly class ImportPreviewProps
{
    /**
     * @param  list<TransferRowProps>  $rows  of the page
     * @param  list<string>  $files  that occur among the rows
     * @param  int  $found  rows that match the filter, of those that are written down
     */
    public function __construct(public TransferProps $transfer, public string $outcome, public string $file, public array $rows, public array $files, public int $found, public int $page, public int $pages)
    {
    }
}
