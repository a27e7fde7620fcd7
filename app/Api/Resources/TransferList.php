<?php

declare(strict_types=1);

namespace App\Api\Resources;

/** A part of the imports and exports. */
final readonly class TransferList
{
    /**
     * @param  list<Transfer>  $data
     * @param  string|null  $next  the cursor of the next part; null at the end
     */
    public function __construct(public array $data, public ?string $next)
    {
    }
}
