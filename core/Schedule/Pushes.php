<?php

declare(strict_types=1);

namespace Moss\Core\Schedule;

use Moss\Core\Calendar\Day;

/** Which tasks have to move because of what they wait for: each keeps its length, and what it moves moves others in turn. */
final readonly class Pushes
{
    /**
     * @param  iterable<ScheduledTask>  $tasks
     * @return list<Push> in the order in which they follow from each other; none of tasks that wait in a circle, nor of those without days
     */
    public static function of(iterable $tasks): array
    {
        $days = [];
        $open = [];
        foreach ($tasks as $task) {
            if ($task->starts !== null && $task->ends !== null) {
                $days[$task->code] = [$task->starts, $task->ends];
                $open[$task->code] = $task->after ?? [];
            }
        }
        $pushes = [];
        while ($open !== []) {
            // What waits only for what is settled, or for what has no days.
            $ready = array_filter($open, static fn (array $after): bool => array_filter($after, static fn (Dependency $one): bool => isset($open[$one->task])) === []);
            if ($ready === []) {
                break;
            }
            foreach ($ready as $code => $after) {
                $code = (string) $code;
                $push = self::push($code, $days[$code], $after, $days);
                if ($push !== null) {
                    $pushes[] = $push;
                    $days[$code] = [$days[$code][0]->plusDays($push->days), $days[$code][1]->plusDays($push->days)];
                }
                unset($open[$code]);
            }
        }

        return $pushes;
    }

    /**
     * @param  array{Day, Day}  $own  first and last day
     * @param  list<Dependency>  $after
     * @param  array<array-key, array{Day, Day}>  $days  by code
     */
    private static function push(string $code, array $own, array $after, array $days): ?Push
    {
        $push = null;
        foreach ($after as $dependency) {
            $other = $days[$dependency->task] ?? null;
            if ($other === null) {
                continue;
            }
            // The day on which it may begin, or end, at the earliest.
            [$mine, $earliest] = match ($dependency->kind) {
                DependencyKind::FinishToStart => [$own[0], $other[1]->plusDays(1 + $dependency->lag)],
                DependencyKind::StartToStart => [$own[0], $other[0]->plusDays($dependency->lag)],
                DependencyKind::FinishToFinish => [$own[1], $other[1]->plusDays($dependency->lag)],
                DependencyKind::StartToFinish => [$own[1], $other[0]->plusDays($dependency->lag)],
            };
            $by = $mine->daysUntil($earliest);
            if ($by > ($push->days ?? 0)) {
                $push = new Push($code, $dependency->task, $by);
            }
        }

        return $push;
    }
}
