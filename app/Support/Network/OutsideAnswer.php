<?php

declare(strict_types=1);

namespace App\Support\Network;

/** What another system answered, whatever the status. */
final readonly class OutsideAnswer
{
    /** @param  array<string, string>  $headers  by name in lower case */
    public function __construct(public int $status, public string $body = '', private array $headers = [])
    {
    }

    public function isSuccess(): bool
    {
        return $this->status >= 200 && $this->status < 300;
    }

    /** A header, or nothing. */
    public function header(string $name): string
    {
        return $this->headers[strtolower($name)] ?? '';
    }
}
