<?php

declare(strict_types=1);

namespace App\Features\Compare\Props;

use Moss\Core\Compare\Grouping;

/** What of a figure lies on one task with one person, or with nobody by name; of what is expected, on one week of a person. */
final readonly class OpenedPartProps
{
    /**
     * @param  Grouping  $grouping  task or week
     * @param  string  $code  of the task with its project, or of the week
     * @param  int|null  $amount  in what the figure is counted; null where it is not known
     * @param  int  $leftOut  minutes that an amount of money leaves out
     */
    public function __construct(public Grouping $grouping, public string $code, public string $name, public ?string $person, public ?int $amount, public int $leftOut)
    {
    }
}
