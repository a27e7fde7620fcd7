<?php

declare(strict_types=1);

namespace App\Support\Network;

/** Which addresses outside may be asked: those on the public network, and those of it that are allowed by name. */
final readonly class PublicAddress
{
    /** @param  list<string>  $allowed  hosts with ports inside the own network, as `127.0.0.1:8190` */
    public function __construct(private array $allowed)
    {
    }

    /** @return ResolvedAddress|null null where it is none, or may not be asked */
    public function of(string $address): ?ResolvedAddress
    {
        $url = preg_replace('#^webcals?://#i', 'https://', trim($address)) ?? '';
        $parts = parse_url($url);
        $scheme = strtolower($parts['scheme'] ?? '');
        $host = $parts['host'] ?? '';
        if ($parts === false || ! in_array($scheme, ['http', 'https'], true) || $host === '' || isset($parts['user']) || strlen($url) > 2000) {
            return null;
        }
        $port = $parts['port'] ?? ($scheme === 'https' ? 443 : 80);
        if (in_array(strtolower($host).':'.$port, $this->allowed, true)) {
            return new ResolvedAddress($url, $host, $port, $host);
        }
        $ips = filter_var($host, FILTER_VALIDATE_IP) === false ? (gethostbynamel($host) ?: []) : [$host];
        foreach ($ips as $ip) {
            if (filter_var($ip, FILTER_VALIDATE_IP, FILTER_FLAG_NO_PRIV_RANGE | FILTER_FLAG_NO_RES_RANGE) === false) {
                return null;
            }
        }

        return $ips === [] ? null : new ResolvedAddress($url, $host, $port, $ips[0]);
    }
}
