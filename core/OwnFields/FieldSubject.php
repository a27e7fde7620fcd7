<?php

declare(strict_types=1);

namespace Moss\Core\OwnFields;

/**
 * What an own field belongs to.
 */
enum FieldSubject: string
{
    case Entry = 'entry';
    case Task = 'task';
    case Project = 'project';
    case Person = 'person';
    case Expense = 'expense';

    /** Whether it belongs to a client, so that a field may be asked of one client's alone. */
    public function hasClient(): bool
    {
        return $this !== self::Person;
    }

    /** Whether it belongs to somebody of a team, so that a field may be asked of one team alone. */
    public function hasTeam(): bool
    {
        return $this === self::Entry || $this === self::Person || $this === self::Expense;
    }
}
