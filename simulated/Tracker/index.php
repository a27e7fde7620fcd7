<?php

declare(strict_types=1);

/* Serves the simulated task tracker with PHP's own server. */

use Simulated\Tracker\Sample;
use Simulated\Tracker\Store;
use Simulated\Tracker\Tracker;

require __DIR__.'/../../vendor/autoload.php';

$text = static fn (mixed $value): string => is_string($value) ? $value : '';
$store = new Store($text(getenv('SIMULATED_FOLDER')));
Sample::fill($store, $text(getenv('SIMULATED_TODAY')) ?: gmdate('Y-m-d'));
(new Tracker($store, $text(getenv('SIMULATED_SECRET'))))->answer(
    $text($_SERVER['REQUEST_METHOD'] ?? ''),
    $text(parse_url($text($_SERVER['REQUEST_URI'] ?? ''), PHP_URL_PATH)),
    ['authorization' => $text($_SERVER['HTTP_AUTHORIZATION'] ?? ''), 'if-match' => $text($_SERVER['HTTP_IF_MATCH'] ?? '')],
    $text(file_get_contents('php://input')),
    $text($_GET['since'] ?? ''),
)->send();
