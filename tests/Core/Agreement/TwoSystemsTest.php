<?php

declare(strict_types=1);

namespace Tests\Core\Agreement;

use Moss\Core\Agreement\ComparedDay;
use Moss\Core\Agreement\TwoSystems;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class TwoSystemsTest extends TestCase
{
    public function test_days_are_equal_different_or_missing_on_either_side(): void
    {
        $days = TwoSystems::compare(
            ['2026-06-15' => ['A' => 60, 'B' => 30], '2026-06-16' => ['A' => 60], '2026-06-17' => ['A' => 60], '2026-06-19' => ['A' => 0]],
            ['2026-06-15' => ['A' => 30, 'B' => 60], '2026-06-17' => ['A' => 45], '2026-06-18' => ['B' => 10]], true,
        );
        self::assertSame([
            ['2026-06-15', 'equal', false], ['2026-06-16', 'only here', false], ['2026-06-17', 'different', false], ['2026-06-18', 'only there', false],
        ], array_map(static fn (ComparedDay $day): array => [$day->date, $day->side()->value, $day->agrees()], $days));
        // Where charge codes are not told apart, the total is what counts.
        self::assertTrue(TwoSystems::compare(['2026-06-15' => ['A' => 60, 'B' => 30]], ['2026-06-15' => ['' => 90]], false)[0]->agrees());
    }

    public function test_they_agree_exactly_where_nothing_differs(): void
    {
        $random = new Randomizer(new Mt19937(6));
        for ($case = 0; $case < 500; $case++) {
            $side = static fn (): array => array_map(static fn (): array => ['A' => 15 * $random->getInt(0, 2), 'B' => 15 * $random->getInt(0, 1)], array_flip(array_map(static fn (int $day): string => "2026-06-1$day", range(0, $random->getInt(0, 5)))));
            [$here, $there] = [$side(), $side()];
            $sum = static fn (array $days, string $date, string $code): int => $days[$date][$code] ?? 0;
            $open = [];
            foreach (range(0, 5) as $day) {
                foreach (['A', 'B'] as $code) {
                    if ($sum($here, "2026-06-1$day", $code) !== $sum($there, "2026-06-1$day", $code)) {
                        $open["2026-06-1$day"] = true;
                    }
                }
            }
            self::assertSame(array_keys($open), array_values(array_map(static fn (ComparedDay $one): string => $one->date, array_filter(TwoSystems::compare($here, $there, true), static fn (ComparedDay $one): bool => ! $one->agrees()))));
        }
    }
}
