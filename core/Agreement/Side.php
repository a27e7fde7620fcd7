<?php

declare(strict_types=1);

namespace Moss\Core\Agreement;

/** Whether two systems have the same time, or which of them has it alone. */
enum Side: string
{
    case Equal = 'equal';
    case Different = 'different';
    case OnlyHere = 'only here';
    case OnlyThere = 'only there';

    /**
     * @param  int  $here  minutes
     * @param  int  $there  minutes
     */
    public static function of(int $here, int $there): self
    {
        return match (true) {
            $here === $there => self::Equal,
            $there === 0 => self::OnlyHere,
            $here === 0 => self::OnlyThere,
            default => self::Different,
        };
    }
}
