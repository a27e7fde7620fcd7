<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Exchange\Kinds\AllKinds;
use App\Models\Person;
use Illuminate\Support\Facades\DB;
use Throwable;

/**
 * Takes exchange files over: all of them, or nothing. Files are read as streams: first to find what is wrong and which codes
 * there are, then to take their rows over some at a time.
 */
final readonly class ImportExchange
{
    public function __construct(private ImportedWeeks $weeks, private EndAssignments $endings, private AssignmentNotices $notices, private ImportAuditTrail $auditTrail, private ImportedChanges $changes)
    {
    }

    /**
     * @param  bool  $isDryRun  finds everything that an import would, and changes nothing
     * @param  bool  $replacesPlan  whether assignments that are gone from the files end
     * @param  ImportObserver|null  $observer  who follows it
     * @param  Person|null  $by  who imports, in the browser
     *
     * @throws ImportRefused
     */
    public function handle(ExchangeSource $source, bool $isDryRun, bool $replacesPlan, ?ImportObserver $observer = null, ?Person $by = null): ImportReport
    {
        $problems = new FileProblems;
        $codes = new Codes;
        $files = $this->read($source, $codes, $problems);
        $problems->refuseIfFileUnread();
        DB::beginTransaction();
        try {
            $report = $this->takeOver($files, $codes, $problems, $replacesPlan, $observer);
            $problems->refuseIfAny();
            if ($isDryRun) {
                DB::rollBack();
            } else {
                $this->auditTrail->summary($report, $by);
                $this->notices->of($report->assigned);
                DB::commit();
            }

            return $report;
        } catch (Throwable $fault) {
            DB::rollBack();
            throw $fault;
        }
    }

    /** @return array<string, ExchangeFile> by kind */
    private function read(ExchangeSource $source, Codes $codes, FileProblems $problems): array
    {
        foreach ($source->problems as $problem) {
            $problems->addWhole($problem);
        }
        $files = [];
        $known = [];
        foreach (AllKinds::list() as $kind) {
            $known[] = $kind->file();
            if (in_array($kind->file(), $source->names(), true)) {
                $files[$kind->name()] = new ExchangeFile($kind, $source);
            }
        }
        foreach ($files as $file) {
            foreach ($file->read($problems) as $row) {
                if ($row->hasValues($file->kind->codeColumns())) {
                    $file->kind->declare($row, $codes);
                }
            }
        }
        foreach (array_diff($source->names(), $known) as $unknown) {
            $problems->add(new FileProblem($unknown, null, null, null, ExchangeText::get('expected.files', ['files' => implode(', ', $known)])));
        }

        return $files;
    }

    /** @param  array<string, ExchangeFile>  $files */
    private function takeOver(array $files, Codes $codes, FileProblems $problems, bool $replacesPlan, ?ImportObserver $observer): ImportReport
    {
        // Files refer to each other in any direction; the constraints are checked at the end of the transaction.
        DB::statement('PRAGMA defer_foreign_keys = ON');
        if (! $problems->areThereAny()) {
            $codes->writeDeclared();
        }
        $report = new ImportReport($replacesPlan ? new PlanChanges : null);
        foreach ($files as $file) {
            $this->takeOverFile($file, $codes, $problems, $report, $observer);
        }
        $problems->refuseIfAny();
        foreach ($files as $file) {
            foreach ($file->kind->checkWritten() as $problem) {
                $problems->add($problem);
            }
        }
        $ended = $replacesPlan ? $this->endings->handle($files, $codes) : [];
        $this->changes->ended($ended);
        $observer?->ended($ended);
        $report->addEnded($ended);
        $this->auditTrail->ended($ended);
        foreach (EstimatesWithoutAssignment::among($files['remaining_estimates'] ?? null, $codes) as $problem) {
            $problems->add($problem);
        }
        $problems->refuseIfAny();
        $this->changes->finish();
        $this->weeks->finish();
        $observer?->finished();

        return $report;
    }

    /** Once anything is wrong, the rest is only looked through. */
    private function takeOverFile(ExchangeFile $file, Codes $codes, FileProblems $problems, ImportReport $report, ?ImportObserver $observer): void
    {
        $report->begin($file->kind);
        foreach ($file->chunks($file->kind->rowsAtOnce()) as $rows) {
            $change = FileKindChange::of($file->kind, $rows, $codes, $problems);
            if (! $problems->areThereAny()) {
                $change->write();
                $this->changes->of($change);
                $this->weeks->of($change);
                $this->auditTrail->of($change);
                $report->add($change);
                $observer?->wrote($change);
            }
            $observer?->looked(count($rows));
        }
    }
}
