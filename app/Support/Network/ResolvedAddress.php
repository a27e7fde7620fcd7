<?php

declare(strict_types=1);

namespace App\Support\Network;

/** An address with the number that its name stood for when it was looked at. */
final readonly class ResolvedAddress
{
    public function __construct(public string $url, public string $host, public int $port, public string $ip)
    {
    }

    /** For a connection to that number, whatever the name stands for by then. */
    public function pinned(): string
    {
        return $this->host.':'.$this->port.':'.$this->ip;
    }
}
