<?php

declare(strict_types=1);

namespace App\Effort\Console;

use App\AuditTrail\AuditTrailBroken;
use App\AuditTrail\AuditTrailChain;
use App\Effort\Recalculation\RecalculateAll;
use App\Effort\Recalculation\Recalculation;
use App\Effort\Totals\VerifiedTotals;
use App\Models\StoredRecalculation;
use App\Support\Console\OptionRefused;
use App\Support\Console\ReadsOptions;
use App\Support\Database\OtherDatabase;
use App\Support\Database\ReadTransaction;
use App\Support\Language\Wording;
use Illuminate\Console\Command;

final class VerifyCommand extends Command
{
    use ReadsOptions;

    /** Differences printed one by one; the count is of all. */
    private const SHOWN = 50;

    protected $signature = 'moss:verify
        {database? : path of another database file, such as a backup}
        {--recalculate : recalculate all stored totals first}';

    protected $description = 'Check stored totals against the entries, and the audit trail; exit code 1 if anything differs';

    protected $help = <<<'HELP'
        Examples:
          php artisan moss:verify
          php artisan moss:verify backups/moss.sqlite
        HELP;

    public function handle(VerifiedTotals $figures, RecalculateAll $all, Recalculation $recalculation): int
    {
        try {
            $path = $this->argumentText('database');
            OtherDatabase::open($path === '' ? null : $path);
            $path === '' ? $recalculation->finish() : $this->sayWhatIsQueued();
        } catch (OptionRefused $refused) {
            $this->complain($refused->getMessage());

            return self::FAILURE;
        }
        if ($this->option('recalculate') === true) {
            $all->handle();
        }
        [$count, $auditTrailIsWhole] = ReadTransaction::run(fn (): array => [$this->differences($figures), $this->auditTrailIsWhole()]);
        if ($count > 0) {
            $this->complain(Wording::of('commands.figures_differ', ['count' => $count]));
        } else {
            $this->line(Wording::of('commands.figures_agree'));
        }

        return $auditTrailIsWhole && $count === 0 ? self::SUCCESS : self::FAILURE;
    }

    private function differences(VerifiedTotals $totals): int
    {
        $count = 0;
        foreach ($totals->differences() as $one) {
            if ($count++ < self::SHOWN) {
                $this->complain(Wording::of('commands.figure_differs', ['table' => $one->table, 'key' => $one->key, 'column' => $one->column, 'stored' => $one->stored, 'found' => $one->found]));
            }
        }

        return $count;
    }

    /** Another database is left as it is, so what is queued in it may show as differences. */
    private function sayWhatIsQueued(): void
    {
        $count = StoredRecalculation::query()->where('is_done', 0)->count();
        if ($count > 0) {
            $this->line(Wording::choice('commands.figures_queued', $count));
        }
    }

    private function auditTrailIsWhole(): bool
    {
        try {
            $head = AuditTrailChain::verify();
        } catch (AuditTrailBroken $broken) {
            $this->complain($broken->getMessage());

            return false;
        }
        $this->line(Wording::of('commands.audit_trail_whole', ['count' => $head->lines, 'hash' => $head->hash]));

        return true;
    }
}
