<?php

declare(strict_types=1);

namespace Moss\Core\Agreement;

/** What two systems have of one person on one day, in total and under each charge code. */
final readonly class ComparedDay
{
    /**
     * @param  string  $date  YYYY-MM-DD
     * @param  array<array-key, array{int, int}>  $codes  minutes here and there by charge code, where these are told apart
     */
    public function __construct(public string $date, public int $here, public int $there, public array $codes)
    {
    }

    public function side(): Side
    {
        return Side::of($this->here, $this->there);
    }

    /** Equal in total, and under each charge code. */
    public function agrees(): bool
    {
        foreach ($this->codes as [$here, $there]) {
            if ($here !== $there) {
                return false;
            }
        }

        return $this->here === $this->there;
    }
}
