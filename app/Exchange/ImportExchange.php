<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Exchange\Kinds\AllKinds;
use App\Features\HouseRules\Actions\KeepFindings;
use App\Features\Review\Actions\RouteWaitingEntries;
use Illuminate\Support\Facades\DB;
use Throwable;

/**
 * Takes exchange files over: all of them, or nothing.
 */
final readonly class ImportExchange
{
    public function __construct(private RouteWaitingEntries $routing, private KeepFindings $findings, private EndAssignments $endings, private AssignmentNotices $notices, private ImportTrail $trail)
    {
    }

    /**
     * @param  bool  $isDryRun  finds everything that an import would, and changes nothing
     * @param  bool  $replacesPlan  whether assignments that are gone from the files end
     *
     * @throws ImportRefused
     */
    public function handle(ExchangeSource $source, bool $isDryRun, bool $replacesPlan): ImportReport
    {
        $problems = new Problems;
        $rows = $this->read($source, $problems);
        $problems->refuseIfFileUnread();
        DB::beginTransaction();
        try {
            [$report, $changes] = $this->takeOver($rows, $problems, $replacesPlan);
            $problems->refuseIfAny();
            if ($isDryRun) {
                DB::rollBack();
            } else {
                $this->trail->of($report, $changes);
                $this->notices->of($changes);
                DB::commit();
            }

            return $report;
        } catch (Throwable $fault) {
            DB::rollBack();
            throw $fault;
        }
    }

    /** @return array<string, list<Row>> by kind */
    private function read(ExchangeSource $source, Problems $problems): array
    {
        $rows = [];
        $known = [];
        foreach (AllKinds::list() as $kind) {
            $known[] = $kind->file();
            $contents = $source->contents($kind->file());
            if ($contents !== null) {
                $rows[$kind->name()] = (new FileReading($kind, $problems))->rows($contents);
            }
        }
        foreach (array_diff($source->names(), $known) as $unknown) {
            $problems->add(new Problem($unknown, null, null, null, ExchangeText::get('expected.files', ['files' => implode(', ', $known)])));
        }

        return $rows;
    }

    /**
     * @param  array<string, list<Row>>  $rows
     * @return array{ImportReport, list<KindChange>}
     */
    private function takeOver(array $rows, Problems $problems, bool $replacesPlan): array
    {
        // Files refer to each other in any direction; the constraints are checked at the end of the transaction.
        DB::statement('PRAGMA defer_foreign_keys = ON');
        $codes = new Codes;
        $codes->load();
        $kinds = array_filter(AllKinds::list(), static fn (Kind $kind): bool => isset($rows[$kind->name()]));
        foreach ($kinds as $kind) {
            foreach ($rows[$kind->name()] as $row) {
                if ($row->hasValues($kind->codeColumns())) {
                    $kind->declare($row, $codes);
                }
            }
        }
        $changes = [];
        foreach ($kinds as $kind) {
            $changes[] = KindChange::of($kind, self::complete($rows[$kind->name()]), $codes, $problems);
        }
        $problems->refuseIfAny();
        $codes->writeDeclared();
        foreach ($changes as $change) {
            $change->write();
        }
        $ended = $replacesPlan ? $this->endings->handle($rows, $codes) : [];
        foreach (UnheldRestatements::among($rows['restatements'] ?? [], $codes) as $problem) {
            $problems->add($problem);
        }
        $problems->refuseIfAny();
        $this->routing->handle();
        if (isset($rows['entries'])) {
            $this->findings->ofAllThatWaits();
        }

        return [ImportReport::of($changes, $ended, $replacesPlan ? (new PlanChanges)->of($changes, $ended) : []), $changes];
    }

    /**
     * @param  list<Row>  $rows
     * @return list<Row>
     */
    private static function complete(array $rows): array
    {
        return array_values(array_filter($rows, static fn (Row $row): bool => $row->isComplete));
    }
}
