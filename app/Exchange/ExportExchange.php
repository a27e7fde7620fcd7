<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Exchange\Kinds\AllKinds;
use App\Exchange\Kinds\StandInsKind;
use App\Support\Database\Record;
use Illuminate\Support\Facades\DB;

/** Writes everything as exchange files; importing them into an empty database gives the same files again. */
final class ExportExchange
{
    /** @return array<string, int> rows by file name */
    public function handle(string $folder): array
    {
        return DB::transaction(function () use ($folder): array {
            $counts = [];
            foreach (AllKinds::list() as $kind) {
                $rows = Record::each($kind->exported())->map($kind->printed(...))->values()->all();
                if ($rows === [] && $kind instanceof StandInsKind) {
                    continue;
                }
                $header = array_map(static fn (Column $column): string => $column->name, $kind->columns());
                file_put_contents($folder.'/'.$kind->file(), CsvFile::write([$header, ...$rows]));
                $counts[$kind->file()] = count($rows);
            }

            return $counts;
        });
    }
}
