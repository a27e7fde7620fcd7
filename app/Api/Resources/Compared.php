<?php

declare(strict_types=1);

namespace App\Api\Resources;

use Moss\Core\Compare\Grouping;
use Moss\Core\Compare\Measure;

/** A comparison: what was planned and recorded, by groups. */
final readonly class Compared
{
    /**
     * @param  string  $question  the comparison as the address of its page says it
     * @param  list<Measure>  $measures  in this order in each row
     * @param  list<ComparedGroup>  $rows  each group, followed by what it is made of
     */
    public function __construct(
        public string $question,
        public Grouping $by,
        public ?Grouping $then,
        public ?Grouping $across,
        public string $from,
        public string $to,
        public array $measures,
        public array $rows,
        public ComparedGroup $total,
    ) {
    }
}
