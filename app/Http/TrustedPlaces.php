<?php

declare(strict_types=1);

namespace App\Http;

/** Under which names the application may be asked for. */
final class TrustedPlaces
{
    /** This machine, by the names under which a browser on it asks. */
    private const OWN = ['localhost', '127.0.0.1', '[::1]'];

    /** @return list<string> patterns of host names: that of APP_URL, those of MOSS_TRUSTED_HOSTS, and this machine's own */
    public static function hosts(): array
    {
        $url = config('app.url');
        $named = config('moss.trusted_hosts');
        $hosts = [parse_url(is_string($url) ? $url : '', PHP_URL_HOST), ...explode(',', is_string($named) ? $named : ''), ...self::OWN];
        $patterns = [];
        foreach ($hosts as $host) {
            if (is_string($host) && trim($host) !== '') {
                $patterns[] = '^'.preg_quote(trim($host), '{').'$';
            }
        }

        return array_values(array_unique($patterns));
    }
}
