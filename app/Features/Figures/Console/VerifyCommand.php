<?php

declare(strict_types=1);

namespace App\Features\Figures\Console;

use App\Features\Figures\Actions\RecalculateFigures;
use App\Features\Figures\Actions\Recalculation;
use App\Features\Figures\Queries\VerifiedFigures;
use App\Support\AuditTrail\AuditTrailBroken;
use App\Support\AuditTrail\AuditTrailChain;
use App\Support\Console\OptionRefused;
use App\Support\Console\ReadsOptions;
use App\Support\Database\OtherDatabase;
use App\Support\Language\Wording;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

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

    public function handle(VerifiedFigures $figures, RecalculateFigures $mend, Recalculation $recalculation): int
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
            $mend->handle();
        }
        $count = 0;
        foreach ($figures->differences() as $one) {
            if ($count++ < self::SHOWN) {
                $this->complain(Wording::of('commands.figure_differs', ['table' => $one->table, 'key' => $one->key, 'column' => $one->column, 'stored' => $one->stored, 'found' => $one->found]));
            }
        }
        if ($count > 0) {
            $this->complain(Wording::of('commands.figures_differ', ['count' => $count]));
        } else {
            $this->line(Wording::of('commands.figures_agree'));
        }

        return $this->auditTrailIsWhole() && $count === 0 ? self::SUCCESS : self::FAILURE;
    }

    /** Another database is left as it is, so what is queued in it may show as differences. */
    private function sayWhatIsQueued(): void
    {
        $count = DB::table('outdated_efforts')->count();
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
