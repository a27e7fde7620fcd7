<?php

declare(strict_types=1);

namespace Tests\App\Support;

use App\Support\Database\ShortSteps;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\App\TestCase;

final class ShortStepsTest extends TestCase
{
    /** Of a few steps all are done; of many, none is begun. */
    #[TestWith([3, true, 4])]
    #[TestWith([20, true, 21])]
    #[TestWith([21, false, 0])]
    public function test_a_page_does_a_few_steps_itself_and_leaves_many_to_the_queue(int $steps, bool $isDone, int $expected): void
    {
        $taken = 0;
        $step = static function () use (&$taken, $steps): bool {
            return $taken++ < $steps;
        };

        self::assertSame($isDone, ShortSteps::runForPage($step, $steps));
        self::assertSame($expected, $taken);
    }
}
