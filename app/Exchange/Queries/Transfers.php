<?php

declare(strict_types=1);

namespace App\Exchange\Queries;

use App\Exchange\Actions\TransferProgress;
use App\Exchange\FileKind;
use App\Exchange\Kinds\AllKinds;
use App\Exchange\Props\FileCountProps;
use App\Exchange\Props\ImportPreviewProps;
use App\Exchange\Props\TransferChangeProps;
use App\Exchange\Props\TransferProps;
use App\Exchange\Props\TransferRowProps;
use App\Exchange\Props\TransfersProps;
use App\Models\FileTransfer;

/** Imports and exports, and what an import does row by row. */
final class Transfers
{
    private const AT_ONCE = 20;

    private const ROWS_AT_ONCE = 100;

    public static function page(int $page): TransfersProps
    {
        $pages = max(1, (int) ceil(FileTransfer::query()->count() / self::AT_ONCE));

        return new TransfersProps(
            array_values(array_map(self::props(...), FileTransfer::query()->with('person')->orderByDesc('id')->forPage(min($page, $pages), self::AT_ONCE)->get()->all())),
            array_map(static fn (FileKind $kind): string => $kind->file(), AllKinds::list()),
            min($page, $pages),
            $pages,
        );
    }

    public static function props(FileTransfer $transfer): TransferProps
    {
        $progress = $transfer->state->isUnderWay() ? TransferProgress::read($transfer->folder()) : null;

        return new TransferProps(
            $transfer->id,
            $transfer->kind,
            $transfer->state,
            $transfer->person->name,
            $transfer->begun_at,
            array_map(static fn (string $file, array $of): FileCountProps => new FileCountProps($file, $of['rows'] ?? 0, $of['new'] ?? 0, $of['changed'] ?? 0, $of['same'] ?? 0, $of['gone'] ?? 0, $of['wrong'] ?? 0), array_keys($transfer->report), array_values($transfer->report)),
            $progress === null || $progress[1] === 0 ? null : intdiv(100 * $progress[0], $progress[1]),
            ($transfer->options['replacesPlan'] ?? false) === true,
            $transfer->problem,
            is_file($transfer->folder().'/export.zip'),
        );
    }

    /** @param  string  $outcome  empty for all */
    public static function preview(FileTransfer $transfer, string $outcome, string $file, int $page): ImportPreviewProps
    {
        $found = 0;
        $rows = [];
        $files = [];
        $path = $transfer->folder().'/rows.jsonl';
        $stream = is_file($path) ? fopen($path, 'r') : false;
        while ($stream !== false && ($line = fgets($stream)) !== false) {
            /** @var array{file: string, line: int|null, outcome: string, key: string, changes: array<string, array{string, string}>, expected?: string} $row as the journal wrote it */
            $row = json_decode($line, true, flags: JSON_THROW_ON_ERROR);
            $files[$row['file']] = true;
            if (($outcome === '' || $row['outcome'] === $outcome) && ($file === '' || $row['file'] === $file)) {
                if (intdiv($found, self::ROWS_AT_ONCE) === $page - 1) {
                    $rows[] = self::row($row);
                }
                $found++;
            }
        }
        if ($stream !== false) {
            fclose($stream);
        }

        return new ImportPreviewProps(self::props($transfer), $outcome, $file, $rows, array_map(strval(...), array_keys($files)), $found, $page, max(1, (int) ceil($found / self::ROWS_AT_ONCE)));
    }

    /** @param  array{file: string, line: int|null, outcome: string, key: string, changes: array<string, array{string, string}>, expected?: string}  $row */
    private static function row(array $row): TransferRowProps
    {
        return new TransferRowProps(
            $row['file'], $row['line'], $row['outcome'], $row['key'],
            array_map(static fn (string $column, array $cells): TransferChangeProps => new TransferChangeProps($column, $cells[0], $cells[1]), array_keys($row['changes']), array_values($row['changes'])),
            $row['expected'] ?? '',
        );
    }
}
