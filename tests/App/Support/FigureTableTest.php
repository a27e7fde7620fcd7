<?php

declare(strict_types=1);

namespace Tests\App\Support;

use App\Support\Console\FigureTable;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Console\Output\BufferedOutput;

/** What is printed some rows at a time is one table. */
final class FigureTableTest extends TestCase
{
    #[TestWith([0])]
    #[TestWith([1])]
    #[TestWith([499])]
    #[TestWith([1203])]
    public function test_however_many_rows_there_are_they_are_one_table(int $number): void
    {
        $rows = [];
        $lines = "group,name,planned,variance_pct\n";
        for ($row = 1; $row <= $number; $row++) {
            $rows[] = ['group' => 'G'.$row, 'name' => "=Ebb, \u{201C}neap\u{201D}/tide\nand \"flood\"", 'planned' => $row, 'variance_pct' => $row % 2 === 0 ? '1.50' : null];
            $lines .= 'G'.$row.",\"'=Ebb, \u{201C}neap\u{201D}/tide\nand \"\"flood\"\"\",".$row.','.($row % 2 === 0 ? '1.50' : '')."\n";
        }

        self::assertSame($lines, self::printed('csv', $rows));
        self::assertSame(json_encode($rows, JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES)."\n", self::printed('json', $rows));
    }

    /** @param  list<array<string, string|int|null>>  $rows */
    private static function printed(string $format, array $rows): string
    {
        $output = new BufferedOutput;
        FigureTable::print($output, $format, ['group', 'name', 'planned', 'variance_pct'], $rows);

        return $output->fetch();
    }
}
