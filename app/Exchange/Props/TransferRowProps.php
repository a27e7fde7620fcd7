<?php

declare(strict_types=1);

namespace App\Exchange\Props;

/** What a row of an imported file makes new, changes or ends, or what is wrong with it. */
final readonly class TransferRowProps
{
    /**
     * @param  int|null  $line  null where the file as a whole is meant, or the row is not in it
     * @param  string  $outcome  `new`, `changed`, `gone` or `wrong`
     * @param  list<TransferChangeProps>  $changes
     * @param  string  $expected  of a row that is wrong
     */
    public function __construct(public string $file, public ?int $line, public string $outcome, public string $key, public array $changes, public string $expected)
    {
    }
}
