<?php

declare(strict_types=1);

namespace App\Features\Receipts\Props;

/** What was read, the line on which it stands, and how sure that is in percent. */
final readonly class SeenFieldProps
{
    public function __construct(public string $value, public int $line, public string $seen, public int $sureness)
    {
    }
}
