<?php

declare(strict_types=1);

namespace Simulated\IdentityProvider;

/** What was granted and not yet called for: each code is good once, for a minute. */
final readonly class Grants
{
    private const SECONDS = 60;

    public function __construct(private string $folder)
    {
    }

    /** @param  array<string, mixed>  $grant */
    public function keep(array $grant, int $now): string
    {
        $code = bin2hex(random_bytes(16));
        file_put_contents($this->file($code), json_encode(['until' => $now + self::SECONDS] + $grant, JSON_THROW_ON_ERROR));

        return $code;
    }

    /** @return array<array-key, mixed>|null */
    public function take(string $code, int $now): ?array
    {
        $file = $this->file($code);
        $grant = is_file($file) ? json_decode((string) file_get_contents($file), true) : null;
        if (is_file($file)) {
            unlink($file);
        }

        return is_array($grant) && is_int($grant['until'] ?? null) && $grant['until'] >= $now ? $grant : null;
    }

    private function file(string $code): string
    {
        return $this->folder.'/grant-'.hash('sha256', $code);
    }
}
