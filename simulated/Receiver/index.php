<?php

declare(strict_types=1);

/* Serves the simulated receiver with PHP's own server. */

use Simulated\Receiver\Receiver;

require __DIR__.'/../../vendor/autoload.php';

$text = static fn (mixed $value): string => is_string($value) ? $value : '';
$reply = (new Receiver($text(getenv('SIMULATED_SECRET')), $text(getenv('SIMULATED_FOLDER'))))->answer(
    $text($_SERVER['REQUEST_METHOD'] ?? ''),
    $text(parse_url($text($_SERVER['REQUEST_URI'] ?? ''), PHP_URL_PATH)),
    $text(file_get_contents('php://input')),
    $text($_SERVER['HTTP_MOSS_SIGNATURE'] ?? ''),
    time(),
);
$reply->send();
