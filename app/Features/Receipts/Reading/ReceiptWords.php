<?php

declare(strict_types=1);

namespace App\Features\Receipts\Reading;

/** Finds the text of a receipt. */
interface ReceiptWords
{
    /** Line by line; empty where nothing can be read. Never fails. */
    public function of(string $path, string $mediaType): string;
}
