<?php

declare(strict_types=1);

namespace App\Models;

/** Why a person is sent a link to set a password. */
enum PasswordLinkKind: string
{
    case Invitation = 'invitation';
    case Forgotten = 'forgotten';
}
