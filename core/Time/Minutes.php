<?php

declare(strict_types=1);

namespace Moss\Core\Time;

/**
 * An amount of working time in whole minutes; negative only in differences and corrections.
 */
final readonly class Minutes
{
    /** The minutes of a whole day. */
    public const PER_DAY = 1440;

    private function __construct(private int $amount)
    {
    }

    public static function of(int $amount): self
    {
        return new self($amount);
    }

    public static function ofHours(int $hours): self
    {
        return new self($hours * 60);
    }

    public static function zero(): self
    {
        /** @var self|null $zero made of nothing, and needed for every figure that is nothing */
        static $zero = null;

        return $zero ??= new self(0);
    }

    /** @param  iterable<Minutes>  $parts */
    public static function sum(iterable $parts): self
    {
        $sum = 0;
        foreach ($parts as $part) {
            $sum += $part->amount;
        }

        return new self($sum);
    }

    public function toInt(): int
    {
        return $this->amount;
    }

    public function plus(self $other): self
    {
        return $other->amount === 0 ? $this : new self($this->amount + $other->amount);
    }

    public function minus(self $other): self
    {
        return new self($this->amount - $other->amount);
    }

    public function notBelowZero(): self
    {
        return $this->amount < 0 ? self::zero() : $this;
    }

    public function isZero(): bool
    {
        return $this->amount === 0;
    }

    public function isNegative(): bool
    {
        return $this->amount < 0;
    }

    public function isMoreThan(self $other): bool
    {
        return $this->amount > $other->amount;
    }

    public function equals(self $other): bool
    {
        return $this->amount === $other->amount;
    }
}
