<?php

/*
 * What PHP's own server does with an address, for the demonstration, tests and measurements. A built file has what is in
 * it in its name, so that a browser may keep it for good; it is sent compressed to who can read that. All other addresses
 * are the application's.
 */

declare(strict_types=1);

$types = ['css' => 'text/css', 'js' => 'text/javascript', 'svg' => 'image/svg+xml', 'png' => 'image/png', 'webmanifest' => 'application/manifest+json', 'woff2' => 'font/woff2'];
$public = (string) getcwd();
$address = is_string($_SERVER['REQUEST_URI'] ?? null) ? $_SERVER['REQUEST_URI'] : '/';
$file = realpath($public.rawurldecode((string) parse_url($address, PHP_URL_PATH)));

if ($file === false || ! is_file($file) || ! str_starts_with($file, $public.DIRECTORY_SEPARATOR) || str_ends_with($file, '.php')) {
    require $public.'/index.php';

    return;
}

$type = $types[pathinfo($file, PATHINFO_EXTENSION)] ?? 'text/plain';

$accepted = is_string($_SERVER['HTTP_ACCEPT_ENCODING'] ?? null) ? $_SERVER['HTTP_ACCEPT_ENCODING'] : '';
ini_set('zlib.output_compression', '0');
header("Content-Type: $type");
header_remove('X-Powered-By');
header('X-Content-Type-Options: nosniff');
header('Referrer-Policy: same-origin');
header('Cross-Origin-Resource-Policy: same-origin');
header("Content-Security-Policy: default-src 'none'; style-src 'unsafe-inline'; frame-ancestors 'none'");
header('Vary: Accept-Encoding');
if (str_starts_with($file, "$public/build/assets/")) {
    header('Cache-Control: public, max-age=31536000, immutable');
}
foreach (['br' => 'br', 'gzip' => 'gz'] as $encoding => $extension) {
    if (is_file("$file.$extension") && preg_match("/\b$encoding\b/", $accepted) === 1) {
        header("Content-Encoding: $encoding");
        $file .= ".$extension";
        break;
    }
}
header('Content-Length: '.filesize($file));
readfile($file);
