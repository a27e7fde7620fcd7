<?php

declare(strict_types=1);

namespace App\Exchange\Props;

/** Files in and out. */
final readonly class TransfersProps
{
    /**
     * @param  list<TransferProps>  $transfers  the newest first
     * @param  list<string>  $kinds  names of files that can be exported
     */
    public function __construct(public array $transfers, public array $kinds, public int $page, public int $pages)
    {
    }
}
