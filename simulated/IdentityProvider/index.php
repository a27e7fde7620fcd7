<?php

declare(strict_types=1);

/* Serves the simulated identity provider with PHP's own server. */

use Simulated\IdentityProvider\Account;
use Simulated\IdentityProvider\Provider;

require __DIR__.'/../../vendor/autoload.php';

$text = static fn (mixed $value): string => is_string($value) ? $value : '';
$reply = (new Provider(
    'http://'.$text($_SERVER['HTTP_HOST'] ?? ''),
    $text(getenv('SIMULATED_CLIENT')),
    $text(getenv('SIMULATED_SECRET')),
    Account::listed($text(getenv('SIMULATED_PEOPLE'))),
    $text(getenv('SIMULATED_FOLDER')),
))->answer(
    $text($_SERVER['REQUEST_METHOD'] ?? ''),
    $text(parse_url($text($_SERVER['REQUEST_URI'] ?? ''), PHP_URL_PATH)),
    $_GET,
    $_POST,
    $text($_SERVER['HTTP_AUTHORIZATION'] ?? '') !== '' ? $text($_SERVER['HTTP_AUTHORIZATION'] ?? '')
        : (isset($_SERVER['PHP_AUTH_USER']) ? 'Basic '.base64_encode($text($_SERVER['PHP_AUTH_USER']).':'.$text($_SERVER['PHP_AUTH_PW'] ?? '')) : ''),
    time(),
);
$reply->send();
