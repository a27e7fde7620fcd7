<?php

declare(strict_types=1);

namespace App\Exchange\Actions;

use App\Exchange\ExchangeSource;
use App\Exchange\ExchangeText;
use App\Exchange\ExportExchange;
use App\Exchange\FileProblem;
use App\Exchange\ImportExchange;
use App\Exchange\ImportRefused;
use App\Exchange\ImportReport;
use App\Models\FileTransfer;
use App\Models\TransferKind;
use App\Models\TransferState;
use App\Support\Clock\Today;
use App\Support\Language\ReaderLanguage;
use Illuminate\Support\Facades\File;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use RuntimeException;
use Throwable;
use ZipArchive;

/** Does the next step of a transfer: checks an import, carries it out, or writes an export. Each step is taken once. */
final readonly class WorkOffTransfer
{
    public function __construct(private ImportExchange $import, private ExportExchange $export, private Today $today)
    {
    }

    public function handle(int $id): void
    {
        $transfer = FileTransfer::query()->with('person')->find($id);
        if ($transfer === null) {
            return;
        }
        $next = match (true) {
            $transfer->kind === TransferKind::Export && $transfer->state === TransferState::Waiting => TransferState::Running,
            $transfer->kind === TransferKind::Import && $transfer->state === TransferState::Waiting => TransferState::Checking,
            $transfer->kind === TransferKind::Import && $transfer->state === TransferState::Queued => TransferState::Running,
            default => null,
        };
        if ($next === null || FileTransfer::query()->whereKey($id)->where('state', $transfer->state)->update(['state' => $next]) !== 1) {
            return;
        }
        $transfer->refresh();
        ReaderLanguage::of($transfer->person, function () use ($transfer): void {
            try {
                $transfer->kind === TransferKind::Export ? $this->write($transfer) : $this->take($transfer, $transfer->state === TransferState::Checking);
            } catch (ImportRefused $refused) {
                self::problems($transfer, $refused);
                $this->end($transfer, TransferState::Refused, ['problems' => ['wrong' => $refused->count]]);
            } catch (Throwable $fault) {
                $this->end($transfer, TransferState::Failed, [], ExchangeText::get('transfer.failed'));
                throw $fault;
            }
        });
    }

    /** @throws ImportRefused */
    private function take(FileTransfer $transfer, bool $isCheck): void
    {
        $folder = $transfer->folder();
        $source = ExchangeSource::at(is_file($folder.'/import.zip') ? $folder.'/import.zip' : $folder.'/files');
        $journal = new ImportJournal($folder, new TransferProgress($folder, self::rows($source)), ! $isCheck);
        $report = $this->import->handle($source, $isCheck, ($transfer->options['replacesPlan'] ?? false) === true, $journal, $transfer->person);
        $this->end($transfer, $isCheck ? TransferState::Checked : TransferState::Done, self::counts($report));
    }

    private function write(FileTransfer $transfer): void
    {
        $folder = $transfer->folder();
        $progress = new TransferProgress($folder, 0);
        $from = $transfer->options['from'] ?? null;
        $to = $transfer->options['to'] ?? null;
        $written = $this->export->handle(
            $folder.'/files', $transfer->person, $transfer->options['files'] ?? null,
            $from === null || $to === null ? null : DayRange::between(Day::of($from), Day::of($to)), static fn () => $progress->add(1),
        );
        $zip = new ZipArchive;
        if ($zip->open($folder.'/export.zip', ZipArchive::CREATE | ZipArchive::OVERWRITE) !== true) {
            throw new RuntimeException('cannot write the ZIP of an export');
        }
        foreach (array_keys($written) as $file) {
            $zip->addFile($folder.'/files/'.$file, $file);
        }
        if (! $zip->close()) {
            throw new RuntimeException('cannot write the ZIP of an export');
        }
        File::deleteDirectory($folder.'/files');
        $this->end($transfer, TransferState::Done, array_map(static fn (int $rows): array => ['rows' => $rows], $written));
    }

    /** @param  array<string, array<string, int>>  $report */
    private function end(FileTransfer $transfer, TransferState $state, array $report, string $problem = ''): void
    {
        $transfer->update(['state' => $state, 'report' => $report, 'problem' => $problem, 'finished_at' => $this->today->instant()->format('Y-m-d\TH:i:s\Z')]);
    }

    /** @return array<string, array<string, int>> */
    private static function counts(ImportReport $report): array
    {
        $counts = array_map(static fn (array $of): array => $of + ['gone' => 0], $report->files);
        if ($report->ended > 0 && isset($counts['assignments.csv'])) {
            $counts['assignments.csv']['gone'] = $report->ended;
        }

        return $counts;
    }

    private static function problems(FileTransfer $transfer, ImportRefused $refused): void
    {
        File::ensureDirectoryExists($transfer->folder(), 0700);
        file_put_contents($transfer->folder().'/rows.jsonl', implode('', array_map(static fn (FileProblem $problem): string => json_encode([
            'file' => basename($problem->file), 'line' => $problem->line, 'outcome' => 'wrong', 'key' => trim($problem->column.': '.mb_strimwidth($problem->value ?? '', 0, 60, '…'), ': '), 'changes' => [], 'expected' => $problem->expected,
        ], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_INVALID_UTF8_SUBSTITUTE)."\n", $refused->problems)));
    }

    /** About how many rows the files have: their lines. */
    private static function rows(ExchangeSource $source): int
    {
        $count = 0;
        foreach ($source->names() as $name) {
            $stream = $source->stream($name);
            while ($stream !== null && ! feof($stream)) {
                $count += substr_count((string) fread($stream, 1_048_576), "\n");
            }
            if ($stream !== null) {
                fclose($stream);
            }
        }

        return $count;
    }
}
