<?php

declare(strict_types=1);

namespace App\Models;

/** How somebody signed in. */
enum SignInMethod: string
{
    case Password = 'password';
    /** By the link of an invitation or for a forgotten password. */
    case Link = 'link';
    case SingleSignOn = 'single sign-on';
    /** As one of the people whom a demonstration offers. */
    case Demonstration = 'demonstration';
}
