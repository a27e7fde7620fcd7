<?php

declare(strict_types=1);

namespace App\Features\Review\Queries;

use App\Features\HouseRules\Props\FindingProps;
use App\Features\Review\Props\WaitingLineProps;

/** What waits of one sheet. */
final readonly class WaitingLinesOfSheet
{
    /**
     * @param  list<WaitingLineProps>  $lines
     * @param  list<string>  $standingInFor
     * @param  list<string>  $fields  what own fields hold, in words
     */
    public function __construct(public array $lines, public int $minutes, public array $standingInFor, public array $fields)
    {
    }

    /** Whether a finding is about something of it. */
    public function concerns(FindingProps $finding): bool
    {
        foreach ($this->lines as $line) {
            foreach ($line->cells as $cell) {
                if (in_array($finding->line, [null, $line->key], true) && ($finding->line === null || in_array($finding->date, [null, $cell->date], true))) {
                    return true;
                }
            }
        }

        return false;
    }
}
