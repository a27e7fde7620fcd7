<?php

declare(strict_types=1);

namespace Moss\Core\OwnFields;

/**
 * What an own field holds.
 */
enum FieldKind: string
{
    case Text = 'text';
    case Number = 'number';
    case Choice = 'choice';
    case YesNo = 'yes-no';
    case Date = 'date';

    /** Whether its values are few and known, so that one can choose among them. */
    public function isChosen(): bool
    {
        return $this === self::Choice || $this === self::YesNo;
    }
}
