<?php

declare(strict_types=1);

namespace App\OwnFields\Props;

use Moss\Core\OwnFields\FieldKind;

/** An own field as it is filled in. */
final readonly class OwnFieldProps
{
    /** @param  list<FieldChoiceProps>  $choices  also those that are no longer offered */
    public function __construct(public string $code, public string $name, public FieldKind $kind, public bool $isRequired, public array $choices)
    {
    }
}
