<?php

declare(strict_types=1);

namespace App\Features\Review\Props;

/** How much waits. */
final readonly class SumProps
{
    /**
     * @param  int  $needingAttention  entries that need attention
     * @param  string  $inOrder  by which the part that is in order is recognised when it is approved
     */
    public function __construct(public int $entries, public int $minutes, public int $needingAttention, public int $attentionMinutes, public string $inOrder)
    {
    }
}
