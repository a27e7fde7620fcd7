<?php

declare(strict_types=1);

/* What the office is told about people's accounts. */
return [
    'whom' => 'Choose at least one person to invite, and at most 500.',
    'invited' => '{1} One person is being invited by email.|[2,*] :count people are being invited by email.',
    'nobody_invited' => 'Nobody was invited: whoever you chose has a password, or no access.',
    'own' => 'You cannot do this to your own account. Ask somebody else of the time office.',
    'disabled' => ':name can no longer sign in, and has been signed out everywhere.',
    'enabled' => ':name can sign in again.',
    'signed_out' => ':name has been signed out everywhere.',
    'factor_removed' => 'The second factor of :name is removed.',
    'factor_set' => 'The setting is saved. Whoever needs a second factor and has none sets one up before anything else.',
    'sso_adds' => 'Whoever signs in by single sign-on with a verified email address gets an account.',
    'sso_adds_nobody' => 'Single sign-on is for people who are here already.',
];
