<?php

declare(strict_types=1);

namespace Tests\Bench;

use RuntimeException;
use Symfony\Component\Process\Process;

/** Runs commands of the application, in 64 MB of memory, and tells how much CPU time they took. */
final class Command
{
    /** @return array{float, string} seconds of CPU, and what it printed */
    public static function run(string ...$arguments): array
    {
        $before = self::children();
        $process = new Process([PHP_BINARY, '-d', 'memory_limit=64M', 'artisan', ...$arguments], dirname(__DIR__, 2), timeout: 1200);
        $process->run();
        if (! $process->isSuccessful()) {
            throw new RuntimeException(implode(' ', $arguments).': '.substr($process->getOutput().$process->getErrorOutput(), -2000));
        }

        return [self::children() - $before, $process->getOutput()];
    }

    /**
     * What a command takes beyond one that does nothing. They take turns, since a machine's pace changes.
     *
     * @param  int<1, max>  $turns  one for what cannot be done twice
     * @return float seconds of CPU, the median of all turns
     */
    public static function beyondNothing(int $turns, string ...$arguments): float
    {
        $taken = [];
        for ($turn = 0; $turn < $turns; $turn++) {
            $nothing = self::run('--version')[0];
            $taken[] = self::run(...$arguments)[0] - $nothing;
        }
        sort($taken);

        return max(0.001, $taken[intdiv($turns, 2)]);
    }

    /** Seconds of CPU that processes took which have ended. */
    private static function children(): float
    {
        $usage = getrusage(1);
        $part = static fn (string $name): int => is_array($usage) && is_int($usage[$name] ?? null) ? $usage[$name] : 0;

        return $part('ru_utime.tv_sec') + $part('ru_stime.tv_sec') + ($part('ru_utime.tv_usec') + $part('ru_stime.tv_usec')) / 1_000_000;
    }
}
