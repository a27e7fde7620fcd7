<?php

declare(strict_types=1);

namespace Moss\Core\Schedule;

/** That a task waits for another: `PILES`, `PILES SS`, `PILES FS+2d`. */
final readonly class Dependency
{
    private const LONGEST_LAG = 1000;

    /** @param  int  $lag  days between the two; below 0 they may overlap */
    public function __construct(public string $task, public DependencyKind $kind, public int $lag)
    {
    }

    /** @throws NotADependency */
    public static function read(string $text): self
    {
        if (preg_match('/^([A-Za-z0-9._-]{1,32})(?:\s+(FS|SS|FF|SF))?(?:\s*([+-]\d{1,4})\s*d?)?$/Di', trim($text), $parts) !== 1 || abs((int) ($parts[3] ?? 0)) > self::LONGEST_LAG) {
            throw NotADependency::text(mb_strimwidth($text, 0, 40, '…', 'UTF-8'));
        }

        return new self($parts[1], DependencyKind::from(strtoupper(($parts[2] ?? '') === '' ? 'FS' : $parts[2])), (int) ($parts[3] ?? 0));
    }

    /**
     * @return list<self> of a text with semicolons or commas between
     *
     * @throws NotADependency
     */
    public static function readAll(string $text): array
    {
        return array_map(self::read(...), array_values(array_filter(preg_split('/\s*[;,]\s*/', trim($text)) ?: [], static fn (string $one): bool => $one !== '')));
    }

    public function toString(): string
    {
        $kind = $this->kind === DependencyKind::FinishToStart && $this->lag === 0 ? '' : ' '.$this->kind->value;

        return $this->task.$kind.($this->lag === 0 ? '' : sprintf('%+dd', $this->lag));
    }
}
