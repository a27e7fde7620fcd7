<?php

declare(strict_types=1);

namespace App\Features\MyFigures\Props;

/** What somebody first said would remain, and what it came to. */
final readonly class MyEstimateProps
{
    /** @param  string|null  $percentage  by which it differs, one decimal; null where nothing was estimated */
    public function __construct(public string $project, public string $task, public string $on, public int $estimated, public int $cameTo, public int $difference, public ?string $percentage)
    {
    }
}
