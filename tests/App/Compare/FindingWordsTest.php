<?php

declare(strict_types=1);

namespace Tests\App\Compare;

use App\Features\Compare\Files\FindingWords;
use App\Models\Person;
use Moss\Core\Compare\ComparisonRow;
use Moss\Core\Compare\Standing;
use Moss\Core\Time\HoursFormat;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\App\TestCase;

final class FindingWordsTest extends TestCase
{
    #[DataProvider('findings')]
    public function test_it_speaks_of_today_only_where_more_is_planned_later(ComparisonRow $total, Standing $standing, string $said): void
    {
        self::assertSame($said, str_replace("\u{00A0}", ' ', FindingWords::of($total, $standing, Person::factory()->make(['hours_format' => HoursFormat::Decimal]))));
    }

    /** @return iterable<string, array{ComparisonRow, Standing, string}> */
    public static function findings(): iterable
    {
        yield 'over, in the middle' => [new ComparisonRow(600, 300, 360, 0), Standing::Over, '6 h actual of 5 h planned to date, 1 h over.'];
        yield 'over, at the end' => [new ComparisonRow(300, 300, 360, 0), Standing::Over, '6 h actual of 5 h planned, 1 h over.'];
        yield 'under, in the middle' => [new ComparisonRow(600, 300, 240, 0), Standing::Under, '4 h actual of 5 h planned to date, 1 h under.'];
        yield 'under, at the end' => [new ComparisonRow(300, 300, 240, 0), Standing::Under, '4 h actual of 5 h planned, 1 h under.'];
        yield 'as planned, in the middle' => [new ComparisonRow(600, 300, 300, 0), Standing::OnTrack, '5 h actual, exactly as planned to date.'];
        yield 'as planned, at the end' => [new ComparisonRow(300, 300, 300, 0), Standing::OnTrack, '5 h actual, exactly as planned.'];
        yield 'not planned' => [new ComparisonRow(0, 0, 300, 0), Standing::Unplanned, '5 h actual; nothing was planned to date.'];
        yield 'only recorded' => [new ComparisonRow(0, 0, 300, 0), Standing::Recorded, '5 h actual.'];
    }
}
