<?php

declare(strict_types=1);

namespace App\Features\Projects\Props;

use App\Lookup\Props\OptionProps;
use Moss\Core\Attention\AttentionKind;

/** One thing that asks for attention. */
final readonly class AttentionProps
{
    /**
     * @param  list<OptionProps>  $tasks  the heaviest first
     * @param  int  $more  tasks beside those
     * @param  list<OptionProps>  $people
     * @param  int|null  $minutes  by how much
     * @param  string|null  $money  by how much, decimal text with two places
     * @param  string|null  $day  since when, or on which day it comes
     * @param  string  $week  in which to look for the people's time, `2026-W25`
     */
    public function __construct(
        public AttentionKind $kind,
        public array $tasks,
        public int $more,
        public array $people,
        public ?int $minutes,
        public ?string $money,
        public ?string $day,
        public string $week,
    ) {
    }
}
