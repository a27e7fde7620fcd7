<?php

declare(strict_types=1);

namespace App\Support\Trail;

use App\Exchange\ImportReport;
use App\Support\Clock\Today;
use Illuminate\Support\Facades\DB;

/**
 * Who changed what, when, from what to what. Append only: the table refuses anything else.
 */
final readonly class Trail
{
    public function __construct(private Today $today)
    {
    }

    /** @param  list<TrailLine>  $lines */
    public function of(array $lines): void
    {
        $at = $this->today->now()->format('Y-m-d\TH:i:s\Z');
        foreach (array_chunk($lines, 500) as $chunk) {
            DB::table('trail')->insert(array_map(static fn (TrailLine $line): array => ['at' => $at] + $line->attributes(), $chunk));
        }
    }

    public function ofImport(ImportReport $report): void
    {
        DB::table('trail')->insert([
            'at' => $this->today->now()->format('Y-m-d\TH:i:s\Z'),
            'act' => 'import',
            'after' => json_encode($report->files, JSON_THROW_ON_ERROR),
        ]);
    }
}
