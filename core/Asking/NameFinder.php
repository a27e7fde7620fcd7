<?php

declare(strict_types=1);

namespace Moss\Core\Asking;

use Moss\Core\Compare\Grouping;

/** Finds what is called by some words. */
interface NameFinder
{
    /**
     * @param  non-empty-list<Grouping>  $kinds  of what is sought
     * @return list<FoundName> everything that all of the words fit, the best first
     */
    public function find(string $words, array $kinds): array;
}
