<?php

declare(strict_types=1);

namespace Tests\App;

use PHPUnit\Framework\Assert;

/** What a page or a command has given, to be read by dotted paths. */
final readonly class PageProps
{
    private function __construct(private mixed $props)
    {
    }

    public static function of(mixed $props): self
    {
        return new self($props);
    }

    public function value(string $path): mixed
    {
        return data_get($this->props, $path);
    }

    public function int(string $path): int
    {
        $value = $this->value($path);
        Assert::assertIsInt($value, $path);

        return $value;
    }

    public function text(string $path): string
    {
        $value = $this->value($path);
        Assert::assertIsString($value, $path);

        return $value;
    }

    public function textOrNull(string $path): ?string
    {
        return $this->value($path) === null ? null : $this->text($path);
    }

    /** @return list<self> */
    public function rows(string $path = ''): array
    {
        $rows = $path === '' ? $this->props : $this->value($path);
        Assert::assertIsArray($rows, $path);

        return array_values(array_map(static fn (mixed $row): self => new self($row), $rows));
    }

    /** Of one figure in every row. */
    public function sum(string $path, string $figure): int
    {
        return array_sum(array_map(static fn (self $row): int => $row->int($figure), $this->rows($path)));
    }
}
