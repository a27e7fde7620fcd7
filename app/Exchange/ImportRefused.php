<?php

declare(strict_types=1);

namespace App\Exchange;

use RuntimeException;

/** An import that changed nothing, with every problem found. */
final class ImportRefused extends RuntimeException
{
    /**
     * @param  non-empty-list<FileProblem>  $problems  the first of them
     * @param  int  $count  of all
     */
    public function __construct(public readonly array $problems, public readonly int $count)
    {
        parent::__construct(sprintf('%d problems in the exchange files', $count));
    }

    public static function because(FileProblem $problem): self
    {
        return new self([$problem], 1);
    }
}
