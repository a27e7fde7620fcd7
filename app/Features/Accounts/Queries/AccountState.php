<?php

declare(strict_types=1);

namespace App\Features\Accounts\Queries;

/** Whether somebody can sign in. */
enum AccountState: string
{
    case Active = 'active';
    /** The invitation can still be used. */
    case Invited = 'invited';
    case InvitationExpired = 'invitation expired';
    case NotInvited = 'not invited';
    case Disabled = 'disabled';
    /** The last day of employment is over. */
    case Left = 'left';
}
