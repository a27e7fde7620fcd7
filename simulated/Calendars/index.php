<?php

declare(strict_types=1);

/* The simulated calendars behind PHP's own server. */

use Simulated\Calendars\Diary;

require __DIR__.'/Diary.php';

$asked = $_SERVER['REQUEST_URI'] ?? '/';
$path = parse_url(is_string($asked) ? $asked : '/', PHP_URL_PATH);
$found = preg_match('#^/([a-z.]+)\.ics$#', is_string($path) ? $path : '', $name) === 1
    ? Diary::of($name[1], new DateTimeImmutable(getenv('SIMULATED_TODAY') ?: 'today'))
    : null;
if ($found === null) {
    http_response_code(404);
    header('Content-Type: text/plain');
    echo 'There is no such calendar.';

    return;
}
$version = '"'.hash('sha256', $found).'"';
header('ETag: '.$version);
if (($_SERVER['HTTP_IF_NONE_MATCH'] ?? '') === $version) {
    http_response_code(304);

    return;
}
header('Content-Type: text/calendar; charset=utf-8');
echo $found;
