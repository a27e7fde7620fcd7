<?php

declare(strict_types=1);

namespace App\Exchange;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Exchange\Kinds\AllKinds;
use App\Models\Person;
use App\Support\Database\ReadTransaction;
use App\Support\Files\CsvFile;
use Closure;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\DayRange;
use RuntimeException;

/**
 * Writes everything as exchange files; importing them into an empty database gives the same files again. All of them show the
 * database at one moment, and rows go to their file one by one.
 */
final readonly class ExportExchange
{
    public function __construct(private AuditTrail $auditTrail)
    {
    }

    /**
     * @param  list<string>|null  $kinds  names of files without `.csv`; null for all
     * @param  DayRange|null  $period  of time, absences, leave and estimates; null for everything
     * @param  Closure(): void|null  $onRow  called for each row
     * @return array<string, int> rows by file name
     */
    public function handle(string $folder, ?Person $by = null, ?array $kinds = null, ?DayRange $period = null, ?Closure $onRow = null): array
    {
        $written = ReadTransaction::run(static function () use ($folder, $kinds, $period, $onRow): array {
            $counts = [];
            foreach (AllKinds::list() as $kind) {
                if ($kinds !== null && ! in_array($kind->name(), $kinds, true)) {
                    continue;
                }
                if (! $kind->isLeftOutWhenEmpty() || $kind->exported()->exists()) {
                    $counts[$kind->file()] = self::write($kind, $folder.'/'.$kind->file(), $period, $onRow);
                }
            }

            return $counts;
        });
        DB::transaction(fn () => $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Exchange, 'files', 'export', $by, null, $written)]));

        return $written;
    }

    /** @param  Closure(): void|null  $onRow  called for each row */
    private static function write(FileKind $kind, string $path, ?DayRange $period, ?Closure $onRow): int
    {
        $stream = fopen($path, 'w');
        if ($stream === false) {
            throw new RuntimeException('cannot write '.basename($path));
        }
        CsvFile::append($stream, [array_map(static fn (Column $column): string => $column->name, $kind->exportedColumns())]);
        $count = CsvFile::append($stream, self::counted($kind->exportedRows($period), $onRow));
        fclose($stream);

        return $count;
    }

    /**
     * @param  iterable<list<string>>  $rows
     * @param  Closure(): void|null  $onRow
     * @return iterable<list<string>>
     */
    private static function counted(iterable $rows, ?Closure $onRow): iterable
    {
        if ($onRow === null) {
            return $rows;
        }

        return (static function () use ($rows, $onRow): iterable {
            foreach ($rows as $row) {
                $onRow();
                yield $row;
            }
        })();
    }
}
