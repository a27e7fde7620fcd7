<?php

declare(strict_types=1);

namespace App\Support\Network;

/** An address with the number that its name stood for when it was looked at; null where an allowed name stood for none. */
final readonly class ResolvedAddress
{
    public function __construct(public string $url, public string $host, public int $port, public ?string $ip)
    {
    }

    /** @return list<string> for a connection to that number, whatever the name stands for by then */
    public function pinned(): array
    {
        return $this->ip === null ? [] : [$this->host.':'.$this->port.':'.$this->ip];
    }
}
