<?php

declare(strict_types=1);

namespace Tests\App\Support;

use App\Support\Database\ShortSteps;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\TestWith;
use RuntimeException;
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

    public function test_what_can_be_done_again_does_not_wait_for_the_disk(): void
    {
        $file = $this->folder(['steps.sqlite' => '']).'/steps.sqlite';
        config(['database.connections.file' => ['database' => $file] + (array) config('database.connections.sqlite')]);
        DB::usingConnection('file', static function (): void {
            [$full, $normal] = [2, 1];
            self::assertSame($full, DB::scalar('PRAGMA synchronous'));
            $seen = [];
            $step = static function () use (&$seen): bool {
                $seen[] = DB::scalar('PRAGMA synchronous');

                return count($seen) < 3;
            };
            ShortSteps::finish($step);
            self::assertSame([$normal, $normal, $normal], $seen);
            self::assertSame($full, DB::scalar('PRAGMA synchronous'));

            // A step that fails leaves the next act as safe as before.
            try {
                ShortSteps::finish(static fn (): bool => throw new RuntimeException('no step'));
                self::fail('A failure is told.');
            } catch (RuntimeException $failure) {
                self::assertSame('no step', $failure->getMessage());
            }
            self::assertSame($full, DB::scalar('PRAGMA synchronous'));
            $seen = [];
            ShortSteps::run($step, null);
            self::assertSame([$full, $full, $full], $seen, 'Other long work is on the disk with each step.');
        });
    }
}
