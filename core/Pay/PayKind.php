<?php

declare(strict_types=1);

namespace Moss\Core\Pay;

/**
 * What minutes are paid as, where a rule or whoever worked says so.
 */
enum PayKind: string
{
    case Regular = 'regular';
    case Overtime = 'overtime';
    case Double = 'double';
    case Night = 'night';
    case Sunday = 'sunday';
    case Holiday = 'holiday';
    /** One of the organisation's premiums; among the kinds of an entry each stands by its own code. */
    case Premium = 'premium';

    /** @param  string  $key  among the kinds of an entry: a kind of its own, or the code of a premium */
    public static function ofKey(string $key): self
    {
        return self::tryFrom($key) ?? self::Premium;
    }

    /** Whether whoever worked may say which of several entries it is of, within what the rule asks for. */
    public function isMovable(): bool
    {
        return $this === self::Overtime || $this === self::Double;
    }
}
