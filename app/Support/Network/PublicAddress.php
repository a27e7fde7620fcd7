<?php

declare(strict_types=1);

namespace App\Support\Network;

use Closure;

/** Which addresses outside may be asked: those on the public network, and those of it that are allowed by name. */
final readonly class PublicAddress
{
    /**
     * @param  list<string>  $allowed  hosts with ports inside the own network, as `127.0.0.1:8190`
     * @param  (Closure(string): list<string>)|null  $resolve  the numbers that a name stands for; null for the machine's own answer
     */
    public function __construct(private array $allowed, private ?Closure $resolve = null)
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
        $ips = filter_var($host, FILTER_VALIDATE_IP) === false ? $this->numbersOf($host) : [$host];
        if (in_array(strtolower($host).':'.$port, $this->allowed, true)) {
            return new ResolvedAddress($url, $host, $port, $ips[0] ?? null);
        }
        foreach ($ips as $ip) {
            if (filter_var($ip, FILTER_VALIDATE_IP, FILTER_FLAG_NO_PRIV_RANGE | FILTER_FLAG_NO_RES_RANGE) === false) {
                return null;
            }
        }

        return $ips === [] ? null : new ResolvedAddress($url, $host, $port, $ips[0]);
    }

    /** @return list<string> */
    private function numbersOf(string $host): array
    {
        return $this->resolve === null ? gethostbynamel($host) ?: [] : ($this->resolve)($host);
    }
}
