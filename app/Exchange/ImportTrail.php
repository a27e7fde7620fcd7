<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Support\Trail\Trail;
use App\Support\Trail\TrailLine;
use App\Support\Trail\TrailSubject;

/** Writes down what an import changed: how much of each file, and from what to what where something was there before. */
final readonly class ImportTrail
{
    /** What the tables hold that are not simply settings. */
    private const SUBJECTS = [
        'entries' => TrailSubject::Entry,
        'assignments' => TrailSubject::Assignment,
        'restatements' => TrailSubject::Remaining,
        'rates' => TrailSubject::Rate,
        'stand_ins' => TrailSubject::StandIn,
    ];

    public function __construct(private Trail $trail)
    {
    }

    public function of(KindChange $change): void
    {
        $lines = [];
        foreach ($change->updates as $index => $after) {
            $lines[] = self::line($change->kind->table(), $change->originals[$index], $after);
        }
        $this->trail->of($lines);
    }

    /** @param  list<EndedAssignment>  $ended */
    public function ended(array $ended): void
    {
        $this->trail->of(array_map(static fn (EndedAssignment $one): TrailLine => self::line('assignments', $one->before, $one->after ?? array_map(static fn (): null => null, $one->before)), $ended));
    }

    public function summary(ImportReport $report): void
    {
        $files = array_map(static fn (array $counts): string => sprintf('%d new, %d changed, %d the same', $counts['new'], $counts['changed'], $counts['same']), $report->files);
        $this->trail->of([TrailLine::on(TrailSubject::Exchange, 'files', 'import', null, null, $files)]);
    }

    /**
     * @param  array<string, string|int|null>  $before
     * @param  array<string, string|int|null>  $after
     */
    private static function line(string $table, array $before, array $after): TrailLine
    {
        $changed = array_filter(array_keys($after), static fn (string $name): bool => $name !== 'version' && $after[$name] !== ($before[$name] ?? null));
        $only = static fn (array $row): array => array_intersect_key($row, array_flip($changed)) + (isset($row['role_id']) ? ['role' => $row['role_id']] : []);
        $id = static fn (string $name): ?int => isset($after[$name]) || isset($before[$name]) ? (int) ($after[$name] ?? $before[$name]) : null;

        return new TrailLine(
            'import', null, null, $id('person_id'), $id('task_id'), isset($after['date']) ? (string) $after['date'] : null,
            $only($before), $only($after), '', self::SUBJECTS[$table] ?? TrailSubject::Setting, isset($after['code']) ? $table.' '.$after['code'] : $table,
        );
    }
}
