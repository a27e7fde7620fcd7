<?php

declare(strict_types=1);

namespace App\Pay\Props;

/** A week by kinds of pay. */
final readonly class PayProps
{
    /**
     * @param  list<PayKindProps>  $kinds  they add up to the hours of the week
     * @param  list<string>  $reasons  why some of it is not regular, day by day
     * @param  list<PayOptionProps>  $options  what may be chosen for its entries, by whoever records them
     * @param  array<string, string>  $cells  in words what an entry is, by its cell; only where something is chosen for it, or not all of it is regular
     */
    public function __construct(public array $kinds, public array $reasons, public array $options, public array $cells)
    {
    }
}
