<?php

declare(strict_types=1);

namespace App\Features\MyFigures\Props;

/** Own hours of a project, role or month, in minutes. */
final readonly class MyGroupProps
{
    /**
     * @param  int  $entered  in any state
     * @param  int  $pending  of that, what is not approved
     * @param  string|null  $billableShare  percent with one decimal
     * @param  int|null  $expected  null where that belongs to no such group
     * @param  int|null  $billValue  minor units; null where it is not known or not shown
     */
    public function __construct(public string $code, public string $name, public int $entered, public int $pending, public int $billable, public ?string $billableShare, public ?int $expected, public ?int $billValue)
    {
    }
}
