<?php

declare(strict_types=1);

namespace Moss\Core\Sheet;

use Moss\Core\Time\Minutes;

/**
 * A line that something says the hours of by the clock: a timer that ran, or appointments.
 */
final readonly class TimedLine
{
    /** @param  array<string, Minutes>  $hours  by `YYYY-MM-DD`, each above 0 */
    public function __construct(public Line $line, public PencilSource $source, public array $hours)
    {
    }
}
