<?php

declare(strict_types=1);

namespace App\Features\Learning\Queries;

use App\Features\Learning\Props\PastPlanProps;
use App\Features\Learning\Props\SpreadProps;
use Moss\Core\Learning\PastCase;
use Moss\Core\Learning\PastSpread;
use Moss\Core\Learning\TaskWords;
use Moss\Core\Time\Minutes;

/** What finished tasks like a new one came to: those that share as many words of its name as leave enough of them. */
final class PastPlans
{
    /** Words of a name that are looked at. */
    private const MOST_WORDS = 5;

    public static function of(string $name, Minutes $planned): ?PastPlanProps
    {
        $words = array_slice(TaskWords::of($name), 0, self::MOST_WORDS);
        if ($words === [] || $planned->isZero()) {
            return null;
        }
        $like = self::like($words);
        foreach ($like as $shared => $cases) {
            $spread = PastSpread::of($cases);
            if ($spread !== null) {
                return new PastPlanProps(str_replace(' ', ', ', (string) $shared), SpreadProps::of($spread), $spread->usual($planned)->toInt(), $spread->least($planned)->toInt(), $spread->most($planned)->toInt());
            }
        }

        return null;
    }

    /**
     * Cases by the words that they share, those with most words first, and of as many words those with fewest cases.
     *
     * @param  non-empty-list<string>  $words
     * @return array<array-key, list<PastCase>>
     */
    private static function like(array $words): array
    {
        $cases = [];
        foreach (PastTasks::whole(null) as $task) {
            $both = array_values(array_intersect($words, TaskWords::of($task->name)));
            // Whoever shares three words shares any two of them as well.
            for ($some = 1; $some < 1 << count($both); $some++) {
                $shared = array_filter($both, static fn (int $place): bool => ($some >> $place & 1) === 1, ARRAY_FILTER_USE_KEY);
                $cases[implode(' ', $shared)][] = $task->case;
            }
        }
        $rank = static fn (int|string $shared): array => [-substr_count((string) $shared, ' '), count($cases[$shared]), (string) $shared];
        uksort($cases, static fn (int|string $one, int|string $other): int => $rank($one) <=> $rank($other));

        return $cases;
    }
}
