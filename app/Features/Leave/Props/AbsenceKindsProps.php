<?php

declare(strict_types=1);

namespace App\Features\Leave\Props;

/** The kinds of absence, and the allowances of single people. */
final readonly class AbsenceKindsProps
{
    /**
     * @param  list<AbsenceKindRowProps>  $kinds
     * @param  list<OwnAllowanceProps>  $allowances  of the year, by person
     */
    public function __construct(public array $kinds, public array $allowances, public int $year, public int $page, public int $pages)
    {
    }
}
