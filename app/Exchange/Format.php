<?php

declare(strict_types=1);

namespace App\Exchange;

/** How a cell of an exchange file is read and printed. */
interface Format
{
    /**
     * @param  string  $text  never empty
     *
     * @throws Unreadable
     */
    public function read(string $text): string|int;

    /** Prints what read() gives, so that it reads back the same. */
    public function print(string|int $value): string;
}
