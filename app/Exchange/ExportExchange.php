<?php

declare(strict_types=1);

namespace App\Exchange;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Exchange\Kinds\AllKinds;
use App\Support\Database\ReadTransaction;
use App\Support\Files\CsvFile;
use Illuminate\Support\Facades\DB;
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

    /** @return array<string, int> rows by file name */
    public function handle(string $folder): array
    {
        $written = ReadTransaction::run(static function () use ($folder): array {
            $counts = [];
            foreach (AllKinds::list() as $kind) {
                if (! $kind->isLeftOutWhenEmpty() || $kind->exported()->exists()) {
                    $counts[$kind->file()] = self::write($kind, $folder.'/'.$kind->file());
                }
            }

            return $counts;
        });
        DB::transaction(fn () => $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Exchange, 'files', 'export', null, null, $written)]));

        return $written;
    }

    private static function write(FileKind $kind, string $path): int
    {
        $stream = fopen($path, 'w');
        if ($stream === false) {
            throw new RuntimeException('cannot write '.basename($path));
        }
        CsvFile::append($stream, [array_map(static fn (Column $column): string => $column->name, $kind->columnList())]);
        $count = CsvFile::append($stream, $kind->exportedRows());
        fclose($stream);

        return $count;
    }
}
