<?php

declare(strict_types=1);

namespace Simulated;

/** What a stand-in answers. */
final readonly class Reply
{
    /** @param  array<string, string>  $headers */
    private function __construct(public int $status, public array $headers, public string $body)
    {
    }

    /** @param  array<array-key, mixed>  $content */
    public static function json(array $content, int $status = 200): self
    {
        return new self($status, ['Content-Type' => 'application/json', 'Cache-Control' => 'no-store'], json_encode($content, JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES));
    }

    public static function page(string $html, int $status = 200): self
    {
        return new self($status, ['Content-Type' => 'text/html; charset=utf-8', 'Content-Security-Policy' => "default-src 'none'; style-src 'unsafe-inline'", 'Cache-Control' => 'no-store'], $html);
    }

    public static function redirect(string $address): self
    {
        return new self(302, ['Location' => $address, 'Cache-Control' => 'no-store'], '');
    }

    /** To whoever asked PHP's own server. */
    public function send(): void
    {
        http_response_code($this->status);
        foreach ($this->headers as $name => $value) {
            header("$name: $value");
        }
        echo $this->body;
    }
}
