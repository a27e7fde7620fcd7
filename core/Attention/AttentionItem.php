<?php

declare(strict_types=1);

namespace Moss\Core\Attention;

use Moss\Core\Calendar\Day;
use Moss\Core\Money\Money;
use Moss\Core\Time\Minutes;

/** One thing that asks for attention. */
final readonly class AttentionItem
{
    /**
     * @param  list<int>  $tasks  ids of the heaviest of those it is about, in that order; none for the whole project
     * @param  list<string>  $people  codes of those it is about
     * @param  Minutes|null  $minutes  by how much
     * @param  Money|null  $money  by how much
     * @param  Day|null  $day  since when, or on which day it comes
     * @param  int  $more  tasks that it is about beside those named
     */
    public function __construct(
        public AttentionKind $kind,
        public array $tasks = [],
        public array $people = [],
        public ?Minutes $minutes = null,
        public ?Money $money = null,
        public ?Day $day = null,
        public int $more = 0,
    ) {
    }
}
